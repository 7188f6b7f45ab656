<script setup lang="ts">
import type { PlannedAssessment } from '@wagonomos/core';
import { paperReach } from '@wagonomos/core/uprating';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../../words/useSpeech.ts';
import { useOffers } from '../../shared/useOffers.ts';

/** How far each plate could be set by papers alone, by what is known of the parts behind it. A question to take along, no answer. */
const props = defineProps<{ assessment: PlannedAssessment }>();
const { t } = useI18n();
const { say } = useSpeech();
const { figure, limitWord } = useOffers(() => props.assessment.loads.view);
const rows = computed(() => paperReach(props.assessment.loads));
</script>

<template>
  <p class="soft">{{ t('app.uprate.paperNote') }}</p>
  <ul data-test="paper-reach">
    <li v-for="one in rows" :key="one.limit">
      <b>{{ limitWord(one.limit) }}</b>
      <span class="num">{{
        one.reach === null
          ? t('app.uprate.reachUnknown', { now: figure(one.now) })
          : one.reach > one.now
            ? t('app.uprate.reaches', { now: figure(one.now), most: figure(one.reach) })
            : t('app.uprate.reachesNot', { now: figure(one.now) })
      }}</span>
      <small v-if="one.by">{{ t('app.uprate.stoppedBy', { part: say(one.by) }) }}</small>
      <small v-if="one.unseen.length > 0">{{
        t('app.uprate.unseen', { parts: one.unseen.map(say).join(', ') })
      }}</small>
    </li>
  </ul>
</template>

<style scoped>
ul {
  margin: 6px 0 0;
  padding: 0;
  list-style: none;
}
li {
  padding: 4px 0;
  border-bottom: 1px dotted var(--line);
}
b {
  margin-right: 8px;
}
small {
  display: block;
  color: var(--soft);
}
</style>
