<script setup lang="ts">
import { displayMass, quantityMessage, type RigView } from '@wagonomos/core';
import { changeTicket } from '@wagonomos/core/edits';
import { guessedQuantity, ownGuesses, type Ticket } from '@wagonomos/core/weighing';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import QuantityField from '../fields/QuantityField.vue';
import { useSpeech } from '../words/useSpeech.ts';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../stores/settings.ts';
import { useWorkspace } from '../stores/workspace.ts';

/** A guess before the scale shows anything: asked once, kept as it was, and told beside what was weighed. */
const props = defineProps<{ view: RigView; ticket: Ticket }>();
const { t } = useI18n();
const { say } = useSpeech();
const settings = useSettings();
const workspace = useWorkspace();
const asked = computed(() => props.ticket.readings.every(({ value }) => value === 0));
const load = computed(() => say(quantityMessage(props.view, guessedQuantity(props.view))));
const kg = (value: number) => `${written(displayMass(value, settings.massUnit, 'nearest'), 0)} ${settings.massUnit}`;
const told = computed(() => {
  const { guess } = props.ticket;
  if (guess === undefined) return '';
  const [one] = ownGuesses(props.view, [props.ticket]);
  if (!one) return t('app.guess.kept', { load: load.value, guess: kg(guess) });
  const off = one.weighed - guess;
  const named = { load: load.value, guess: kg(guess), weighed: kg(one.weighed), off: kg(Math.abs(off)) };
  return t(off >= 0 ? 'app.guess.more' : 'app.guess.less', named);
});
const set = (guess: number | undefined) =>
  workspace.edit('app.edit.ticket', (document) => changeTicket(document, props.ticket.id, { guess }), 'guess');
</script>

<template>
  <div v-if="asked || told" class="guess" data-test="own-guess">
    <QuantityField
      v-if="asked"
      :label="t('app.guess.ask', { load })"
      field="mass"
      :value="ticket.guess"
      @change="(value) => set(value)"
    />
    <p v-else>{{ told }}</p>
  </div>
</template>

<style scoped>
.guess {
  max-width: 320px;
  margin: 6px 0;
}
p {
  max-width: none;
}
</style>
