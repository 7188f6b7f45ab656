<script setup lang="ts">
import { explain, typicalMessage, type Operand, type Step } from '@wagonomos/core';
import { useMediaQuery } from '@vueuse/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useBasis } from '../slips/useBasis.ts';
import { useSpeech } from '../words/useSpeech.ts';
import { operandText, writtenOperand } from '@wagonomos/papers/words';
import { useAlong } from '../stores/along.ts';
import { useArithmetic } from '../stores/arithmetic.ts';
import CheckSource from './CheckSource.vue';
import RemedyList from './RemedyList.vue';
import DoubtNote from './DoubtNote.vue';
import MarginText from '../words/MarginText.vue';

/** The arithmetic behind a number, one step a block, so that a person can redo it by hand. Always in kg and m. */
const { t } = useI18n();
const { say, word } = useSpeech();
const { based } = useBasis();
const along = useAlong();
const arithmetic = useArithmetic();
/** On the road the number that was pressed is one of the moment the hand points at. */
const assessment = computed(() => along.shown?.assessment ?? based.value?.assessment ?? null);
const narrow = useMediaQuery('(width <= 720px)');

const open = computed({
  get: () => arithmetic.openId !== null,
  set: (value) => {
    if (!value) arithmetic.close();
  },
});
const explanation = computed(() =>
  assessment.value && arithmetic.openId !== null ? explain(assessment.value, arithmetic.openId) : null,
);
const check = computed(() => assessment.value?.checks.find((one) => one.id === arithmetic.openId) ?? null);
const usual = computed(() => check.value && typicalMessage(check.value));

const lineOf = (step: Step, operand: Operand, at: number) => writtenOperand(word, step, operand, at);
const figure = (operand: Operand): string => operandText(word, operand);
</script>

<template>
  <el-drawer
    v-model="open"
    :direction="narrow ? 'btt' : 'rtl'"
    :size="narrow ? '86%' : '500px'"
    :title="explanation ? say(explanation.title) : t('app.arithmetic.title')"
    class="arithmetic"
  >
    <div
      v-if="explanation"
      class="sheet"
      data-test="arithmetic"
      tabindex="0"
      role="region"
      :aria-label="say(explanation.title)"
    >
      <p v-if="along.shown" class="how">{{ along.shown.says }}</p>
      <p v-if="check" class="result"><MarginText :check="check" /></p>
      <!-- What helps on the way is tried against the whole trip, and stands there. -->
      <RemedyList v-if="check && !along.shown" :check="check" />
      <p v-if="usual" class="how">{{ say(usual) }}</p>
      <section v-for="(step, at) in explanation.steps" :key="at" class="step">
        <h3>
          <span>{{ say(step.result.name) }}</span>
          <b class="num">{{ figure(step.result) }}</b>
        </h3>
        <p class="how">{{ t(`app.arithmetic.op.${step.op}`) }}</p>
        <table>
          <tbody>
            <tr v-for="(operand, index) in step.operands" :key="index">
              <td class="sign num">{{ lineOf(step, operand, index).sign }}</td>
              <td>
                {{ say(operand.name) }}
                <small v-if="operand.origin">{{ say(operand.origin) }}</small>
              </td>
              <td class="num value">{{ lineOf(step, operand, index).figure }}</td>
              <td v-if="step.op === 'moments' || step.op === 'weighted'" class="num lever">
                {{ lineOf(step, operand, index).lever }}
              </td>
            </tr>
          </tbody>
        </table>
      </section>
      <DoubtNote v-if="check" :check="check" />
      <CheckSource v-if="check" :check="check" />
      <p v-if="explanation.steps.length === 0" class="soft">{{ t('app.arithmetic.unknown') }}</p>
    </div>
  </el-drawer>
</template>

<style>
.arithmetic .el-drawer__header {
  margin-bottom: 0;
  padding-bottom: 4px;
  color: var(--ink);
}
.arithmetic .el-drawer__title {
  font: 600 24px/1.2 var(--figures);
}
.arithmetic .el-drawer__body {
  padding-top: 0;
}
</style>

<style scoped>
.sheet:focus {
  outline: 0;
}
.result {
  margin-bottom: 12px;
  font-size: 26px;
}
.step {
  margin-bottom: 18px;
  padding-top: 8px;
  border-top: 2px solid var(--ink);
}
.step h3 {
  display: flex;
  gap: 10px;
  justify-content: space-between;
}
.how {
  color: var(--soft);
  font-size: 13px;
}
table {
  width: 100%;
  border-collapse: collapse;
}
td {
  padding: 3px 0;
  border-bottom: 1px dotted var(--line);
  vertical-align: baseline;
}
td small {
  margin-left: 6px;
  color: var(--soft);
}
.sign {
  width: 1.2em;
  color: var(--soft);
}
.value,
.lever {
  font-size: 16px;
  text-align: right;
  white-space: nowrap;
}
.lever {
  width: 5.5em;
  color: var(--soft);
}
</style>
