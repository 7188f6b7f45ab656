<script setup lang="ts">
import type { PlannedAssessment, RigView } from '@wagonomos/core';
import { fullTrailer, loadPattern } from '@wagonomos/core/uprating';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { leastWord } from '@wagonomos/papers/words';
import { useSpeech } from '../../words/useSpeech.ts';
import { useBench } from './useBench.ts';

/** Car and trailer together: what the trailer would do to the car if it were loaded to its plate, today's or the one on the bench. */
const props = defineProps<{ view: RigView; assessment: PlannedAssessment }>();
const { t } = useI18n();
const { say } = useSpeech();
const { after, then, figure, over, chosen } = useBench();
const full = computed(() =>
  chosen.value.length > 0
    ? fullTrailer(then.value, after.value, loadPattern(after.value.loads))
    : fullTrailer(props.view, props.assessment, loadPattern(props.assessment.loads)),
);
</script>

<template>
  <section v-if="view.vehicle && full" class="full" data-test="full-trailer">
    <h2>{{ t('app.uprate.fullTrailer') }}</h2>
    <p>
      {{
        t('app.uprate.fullTo', {
          plate: figure(full.plate),
          more: figure(full.more),
          trailer: view.trailer?.name ?? '',
        })
      }}
      <template v-if="full.ballLoad !== null">{{ t('app.uprate.fullBall', { ball: figure(full.ballLoad) }) }}</template>
    </p>
    <ul v-if="full.over.length > 0">
      <li v-for="one in full.over" :key="one.check.id">
        {{ t(`app.uprate.fullOver${leastWord(one.check)}`, { limit: say(one.check.name), by: over(one.by) }) }}
      </li>
    </ul>
    <p v-else>{{ t('app.uprate.fullFits') }}</p>
  </section>
</template>

<style scoped>
.full {
  margin-top: 18px;
}
ul {
  margin: 4px 0 0;
  padding-left: 18px;
  color: var(--over);
}
</style>
