<script setup lang="ts">
import { whatIsOver } from '@wagonomos/core';
import { toldOf, type Ticket } from '@wagonomos/core/weighing';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import MessageText from '../../words/MessageText.vue';
import { useSpeech } from '../../words/useSpeech.ts';
import { useRig } from '../../stores/rig.ts';

/** What a weighing comes to: within or not, by how much over, and what to move or leave for it. */
const props = defineProps<{ ticket: Ticket }>();
const { t } = useI18n();
const { say } = useSpeech();
const rig = useRig();
const read = computed(() => props.ticket.readings.some(({ value }) => value > 0));
/** An older slip is not what the rig comes to now. */
const newest = computed(
  () => rig.assessment !== null && toldOf(rig.assessment.loads)?.tickets[0]?.id === props.ticket.id,
);
const over = computed(() => (rig.assessment ? whatIsOver(rig.assessment) : []));
</script>

<template>
  <section
    v-if="read && rig.assessment && (newest || !ticket.loadout)"
    class="answer"
    :class="rig.assessment.mark"
    data-test="slip-answer"
  >
    <h3>{{ t('app.answer.title') }}</h3>
    <p v-if="newest" class="says"><MessageText :message="rig.assessment.sentence" /></p>
    <ul v-if="newest && over.length > 0">
      <li v-for="one in over" :key="one.check.id">
        <!-- One alone stands in the sentence already. -->
        <template v-if="over.length > 1 || !one.mend">{{ say(one.excess) }}</template>
        <strong v-if="one.mend">{{ t('app.answer.mend', { what: say(one.mend) }) }}</strong>
      </li>
    </ul>
    <p v-if="!ticket.loadout" class="soft">{{ t('app.answer.unloaded') }}</p>
  </section>
</template>

<style scoped>
.answer {
  margin: 10px 0;
  padding: 8px 12px;
  border-left: 6px solid var(--slate);
  background: var(--sheet);
}
.over,
.maker {
  border-color: var(--over);
}
h3 {
  margin: 0 0 4px;
}
.says {
  margin: 0 0 6px;
  font-size: 18px;
}
ul {
  margin: 0;
  padding-left: 18px;
}
li {
  margin-bottom: 4px;
}
strong {
  display: block;
}
.soft {
  margin: 4px 0 0;
  color: var(--soft);
  font-size: 14px;
}
</style>
