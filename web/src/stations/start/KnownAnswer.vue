<script setup lang="ts">
import { quantityMessage, regionOf, toFindOut, type Check, type Country, type QuantityName } from '@wagonomos/core';
import type { BodyFacts } from '@wagonomos/core/edits';
import { findings } from '@wagonomos/core/limits';
import type { BasedVerdict } from '@wagonomos/core/weighing';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { ballShareWords } from '../../words/ballShareWords.ts';
import CheckMarks from '../../words/CheckMarks.vue';
import FindOut from '../../shared/FindOut.vue';
import OpenQuestions from '../../shared/OpenQuestions.vue';
import MarginText from '../../words/MarginText.vue';
import VerdictLine from '../../words/VerdictLine.vue';
import { checkAmount } from '@wagonomos/papers/words';
import { useSpeech } from '../../words/useSpeech.ts';
import { useSettings } from '../../stores/settings.ts';

/** What follows from the figures so far: the sentence, every load that is known, and the rig to be kept. */
const props = defineProps<{ known: BasedVerdict; country: Country }>();
const emit = defineEmits<{ keep: []; answer: [side: 'vehicle' | 'trailer', facts: BodyFacts] }>();
const { t } = useI18n();
const settings = useSettings();
const { say } = useSpeech(() => regionOf(props.country));
const assessment = computed(() => props.known.assessment);
/** What is judged, the worst first; then what is known of a load that no figure limits yet. */
const loads = computed(() => {
  const known = assessment.value.checks.filter(
    ({ demand, unit, kind, quantity }) =>
      demand !== null && unit === undefined && kind !== 'permit' && (isLoad(quantity) || quantity === 'cargo'),
  );
  const judged = known.filter((check) => check.limit !== null && rank(check) !== undefined);
  const open = known.filter(
    ({ quantity, limit }, at) =>
      limit === null &&
      !judged.some((one) => one.quantity === quantity) &&
      known.findIndex((one) => one.quantity === quantity) === at,
  );
  return [...judged.sort((one, other) => (rank(one) ?? 0) - (rank(other) ?? 0)), ...open];
});
const ranks: Readonly<Partial<Record<Check['status'], number>>> = { over: 0, tight: 1, within: 2 };
/** What is usual leaves a check open with a range worth seeing; what is not known at all does not. */
const rank = ({ status, typical }: Check) => (status === 'unknown' && typical ? ranks.tight : ranks[status]);
/** Figures that cannot both be right: side by side, and what would tell. */
const against = computed(() => findings(assessment.value.loads).filter(({ code }) => contradicting.includes(code)));
const contradicting: readonly string[] = ['saidBelowEmpty', 'saidBelowListed', 'emptyAboveGross', 'emptyContradicted'];
const facts = computed(() => toFindOut(assessment.value));
const isLoad = (quantity: string): quantity is QuantityName => quantity in assessment.value.loads.values;
const called = (check: Check) =>
  say(
    check.limit === null && isLoad(check.quantity)
      ? quantityMessage(assessment.value.loads.view, check.quantity)
      : check.name,
  );
const of = (check: Check): string => {
  const amount = (value: number) => checkAmount(check, value, settings.massUnit, 'nearest');
  const [load, doubt] = [check.demand ?? 0, 2 * (check.sigma ?? 0)];
  const demand = check.typical
    ? t('app.typical.range', { from: amount(load - doubt), to: amount(load + doubt) })
    : amount(load);
  if (check.limit === null) return t('app.pillar.noLimit', { demand });
  return t(check.sense === 'max' ? 'app.pillar.of' : 'app.pillar.least', { demand, limit: amount(check.limit) });
};
const answered = (body: string, facts: BodyFacts) =>
  emit('answer', assessment.value.loads.view.vehicle?.id === body ? 'vehicle' : 'trailer', facts);
const share = computed(() => {
  const part = ballShareWords(assessment.value.loads);
  return part === null ? '' : t('app.start.share', { share: part });
});
</script>

<template>
  <aside class="box" :aria-label="t('app.start.answer')">
    <VerdictLine :assessment="assessment" :text="say(assessment.sentence)" />
    <ul v-if="against.length > 0" class="against" data-test="known-against">
      <li v-for="one in against" :key="one.code">{{ say(one.message) }}</li>
    </ul>
    <table v-if="loads.length > 0">
      <tbody>
        <tr v-for="check in loads" :key="check.id" :data-test="`known-${check.id}`">
          <th scope="row">
            {{ called(check) }}
            <CheckMarks :check="check" />
          </th>
          <td class="num">{{ of(check) }}</td>
          <td class="num"><MarginText v-if="check.limit !== null" :check="check" /></td>
        </tr>
      </tbody>
    </table>
    <p v-if="share" class="soft" data-test="known-share">{{ share }}</p>
    <p class="acts">
      <el-button type="primary" @click="emit('keep')">{{ t('app.start.keep') }}</el-button>
    </p>
    <OpenQuestions v-if="loads.length > 0" :checks="assessment.checks" :say="say" @answer="answered" />
    <template v-if="facts.length > 0 && loads.length > 0">
      <h2>{{ t('app.findOut.title') }}</h2>
      <FindOut :facts="facts.slice(0, 2)" :say="say" />
    </template>
    <p class="soft caution">{{ t('app.start.caution') }}</p>
  </aside>
</template>

<style scoped>
.box {
  padding: 10px 14px;
  border: 2px solid var(--ink);
  border-radius: 3px;
  background: var(--sheet);
}
ul.against {
  margin: 6px 0;
  padding: 4px 10px;
  border-left: 4px solid var(--tight);
  list-style: none;
}
h2 {
  margin-top: 8px;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th {
  padding: 3px 8px 3px 0;
  font-weight: 400;
  text-align: left;
}
td {
  padding: 3px 0 3px 8px;
  text-align: right;
  white-space: nowrap;
}
tr {
  border-bottom: 1px dotted var(--line);
}
.acts {
  margin: 10px 0 6px;
}
.caution {
  font-size: 12.5px;
}
@media (width <= 720px) {
  .box {
    max-height: 36vh;
    overflow-y: auto;
  }
}
</style>
