<script setup lang="ts">
import { chanceOver, displayMass, worthWeighing, type Check } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useBasis } from '../slips/useBasis.ts';
import { useSpeech } from '../words/useSpeech.ts';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../stores/settings.ts';

/** How sure a load is, how likely a limit is passed, and what would be worth weighing. It never softens a verdict. */
const props = defineProps<{ check: Check }>();
const { t } = useI18n();
const { say } = useSpeech();
const { based } = useBasis();
const settings = useSettings();

const kg = (value: number) => `${written(displayMass(value, settings.massUnit, 'load'), 0)} ${settings.massUnit}`;
const doubt = computed(() => {
  const { sigma, use, lengths } = props.check;
  const chance = chanceOver(props.check);
  if (chance === null || sigma === null || !use || !based.value) return null;
  const percent = 100 * chance;
  const shown =
    percent < 0.5 ? t('app.doubt.hardly') : percent > 99.5 ? t('app.doubt.surely') : `${Math.round(percent)} %`;
  const { loads } = based.value.assessment;
  const things = loads.from !== 'slip' ? worthWeighing(loads.points, use, lengths) : [];
  return { twice: kg(2 * sigma), chance: shown, things };
});
</script>

<template>
  <section v-if="doubt" class="doubt" data-test="doubt">
    <h3>{{ t('app.doubt.title') }}</h3>
    <p>{{ t('app.doubt.text', { twice: doubt.twice, chance: doubt.chance }) }}</p>
    <template v-if="doubt.things.length > 0">
      <h3>{{ t('app.doubt.worth') }}</h3>
      <ol>
        <li v-for="one in doubt.things" :key="`${one.body}/${one.origin}/${one.id}`">
          <span>{{ say(one.name) }}</span>
          <small>{{ t(one.byPlace > 0.5 ? 'app.doubt.byPlace' : 'app.doubt.byMass') }}</small>
          <b class="num">{{ t('app.doubt.share', { share: Math.round(100 * one.share) }) }}</b>
        </li>
      </ol>
    </template>
  </section>
</template>

<style scoped>
.doubt {
  margin-bottom: 14px;
  padding-top: 8px;
  border-top: 2px solid var(--ink);
}
ol {
  margin: 4px 0 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  gap: 8px;
  align-items: baseline;
  padding: 2px 0;
  border-bottom: 1px dotted var(--line);
}
small {
  flex: 1;
  color: var(--soft);
}
</style>
