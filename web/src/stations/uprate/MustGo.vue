<script setup lang="ts">
import { isTotal, leaveAtHome, type PlannedAssessment, type RigView } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { leastWord } from '@wagonomos/papers/words';
import { useSpeech } from '../../words/useSpeech.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import { useBench } from './useBench.ts';
import { usePackingAnswer } from './usePackingAnswer.ts';

/** Under the plates on the bench: is this load legal, how much is over, and what would have to stay at home. */
const props = defineProps<{ view: RigView; then: RigView; after: PlannedAssessment }>();
const { t } = useI18n();
const { say } = useSpeech();
const workspace = useWorkspace();
const { figure, over: overKg, open } = useBench();
const unused = computed(
  () =>
    new Set(
      leaveAtHome(
        props.view,
        (workspace.document?.trips ?? []).filter(({ rig }) => rig === props.view.rig.id),
      ).map(({ thing }) => thing),
    ),
);
const { found: taken, state } = usePackingAnswer(
  () => props.then,
  (api, rig, seconds) => api.leastToLeave(rig, seconds),
);
const over = computed(() =>
  props.after.checks.filter(
    ({ kind, status, margin }) => (kind === 'legal' || kind === 'maker') && status === 'over' && margin !== null,
  ),
);
const left = computed(() => {
  const total = props.after.checks.find((check) => isTotal(check) && check.status !== 'notApplicable');
  return total?.margin ?? null;
});
</script>

<template>
  <section data-test="must-go">
    <h2>{{ t('app.uprate.mustGo') }}</h2>
    <p class="sentence">{{ say(after.sentence) }}</p>
    <template v-if="over.length > 0">
      <ul class="over">
        <li v-for="one in over" :key="one.id">
          {{ t(`app.uprate.fullOver${leastWord(one)}`, { limit: say(one.name), by: overKg(-(one.margin ?? 0)) }) }}
        </li>
      </ul>
      <p v-if="state !== 'done'" class="soft" aria-live="polite">
        {{ t(state === 'looking' ? 'app.uprate.lookingLeast' : 'app.uprate.noLeast') }}
      </p>
      <template v-if="taken && taken.left.length > 0">
        <p>
          {{
            t(taken.stillOver.length > 0 ? 'app.uprate.allGone' : 'app.uprate.wouldDo', { mass: overKg(taken.mass) })
          }}
        </p>
        <ol>
          <li v-for="(one, at) in taken.left" :key="at">
            {{ one.name }} <span class="num">{{ figure(one.mass) }}</span> {{ ' '
            }}<small v-if="unused.has(one.thing)">{{ t('app.uprate.notAlwaysUsed') }}</small>
          </li>
        </ol>
      </template>
      <ul v-if="taken && taken.stillOver.length > 0" class="over">
        <li v-for="one in taken.stillOver" :key="one.id">
          {{ t(`app.uprate.stillThen${leastWord(one)}`, { limit: say(one.name), by: overKg(-(one.margin ?? 0)) }) }}
        </li>
      </ul>
      <p v-if="taken" class="soft">
        {{ t(taken.proven ? 'app.uprate.leastProven' : 'app.uprate.notProven') }}
        {{
          taken.packedOtherwise === null ? '' : t('app.uprate.packedOtherwise', { mass: overKg(taken.packedOtherwise) })
        }}
      </p>
      <el-button size="small" @click="open('others')">{{ t('app.uprate.toOthers') }}</el-button>
    </template>
    <p v-else-if="left !== null">{{ t('app.uprate.nothingGoes', { left: figure(Math.max(0, left)) }) }}</p>
  </section>
</template>

<style scoped>
.sentence {
  margin: 4px 0;
  font-weight: 600;
}
ul,
ol {
  margin: 4px 0 8px;
  padding-left: 20px;
}
.over {
  color: var(--over);
}
small {
  color: var(--soft);
}
</style>
