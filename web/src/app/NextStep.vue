<script setup lang="ts">
import { nextStep, type NextStep } from '@wagonomos/core';
import { ArrowRight } from '@lucide/vue';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useBasis } from '../slips/useBasis.ts';
import { useRemedy } from '../shared/useRemedy.ts';
import { useSlips } from '../slips/useSlips.ts';
import { answersTo } from '../shared/questionAnswers.ts';
import { useSpeech } from '../words/useSpeech.ts';
import { useArithmetic } from '../stores/arithmetic.ts';
import { useRig } from '../stores/rig.ts';
import { useWorkspace } from '../stores/workspace.ts';

/** What is sensible to do now, in one line and one press: it is done, or one is led to it. */
const { t } = useI18n();
const { say } = useSpeech();
const { based } = useBasis();
const { slips } = useSlips();
const rig = useRig();
const arithmetic = useArithmetic();
const workspace = useWorkspace();
const carryOut = useRemedy();

const step = computed<NextStep | null>(() =>
  based.value ? nextStep(based.value.assessment, slips.value.length) : null,
);
/** A slip shows what was on the scale: what is done now comes after it. */
const weighed = computed(() => based.value?.from === 'slip');
const text = computed(() => {
  const { value } = step;
  if (!value) return '';
  if (value.kind === 'mend') return say(value.remedy.says);
  if (value.kind === 'look')
    return value.leave ? say(value.leave.says) : t('app.next.look', { check: say(value.check.name) });
  if (value.kind === 'find') return t('app.next.find', { what: say(value.fact.what), count: value.fact.minutes });
  return t(`app.next.go.${value.to}`);
});
const does = computed(() => step.value?.kind === 'mend' && step.value.remedy.move !== null && !weighed.value);
const target = computed(() => {
  const { value } = step;
  const params = { rig: rig.rigId };
  if (value?.kind === 'go') return { name: value.to, params };
  if (value?.kind !== 'find') return null;
  const { minutes, by, settles, helps } = value.fact;
  const code = [...settles, ...helps][0]?.missing[0]?.code;
  // What is answered with a press is asked at the verdict.
  if (code && answersTo(code).length > 0) return { name: 'verdict', params, query: { ask: code } };
  return { name: minutes >= scaleMinutes || by === 'weigh' ? 'weigh' : 'plates', params };
});
/** What takes so long is weighed. */
const scaleMinutes = 10;
const act = () => {
  const { value } = step;
  if (value?.kind === 'mend' && !weighed.value) carryOut(value.remedy);
  else if (value?.kind === 'mend' || value?.kind === 'look') arithmetic.open(value.check.id);
};
const where = computed(() =>
  step.value?.kind === 'find' && step.value.fact.where ? say(step.value.fact.where) : undefined,
);
</script>

<template>
  <p v-if="step" class="next no-print" data-test="next-step">
    <span class="label">{{ t('app.next.label') }}</span>
    <RouterLink v-if="target" :to="target" class="act" :title="where">
      <span>{{ text }}</span><ArrowRight :size="16" />
    </RouterLink>
    <button v-else type="button" class="act" :disabled="does && workspace.follows" @click="act">
      <span>{{ text }}</span>
      <b>{{ t(does ? 'app.next.do' : 'app.next.see') }}</b>
    </button>
  </p>
</template>

<style scoped>
.next {
  display: flex;
  gap: 8px;
  align-items: baseline;
  min-height: 30px;
}
.label {
  color: var(--soft);
  font: 400 14px/18px var(--figures);
}
.act {
  display: inline-flex;
  gap: 10px;
  align-items: center;
  padding: 2px 8px;
  border: 1px solid var(--pen);
  border-radius: 3px;
  background: var(--field);
  color: var(--pen);
  font: inherit;
  font-size: 16px;
  text-align: left;
  text-decoration: none;
  cursor: pointer;
}
.act:hover {
  background: var(--hair);
}
.act b {
  font: 600 15px/20px var(--figures);
  white-space: nowrap;
}
@media (width <= 720px) {
  .act {
    min-height: 44px;
  }
}
</style>
