<script setup lang="ts">
import { checkGroups, journeyOf, type Check } from '@wagonomos/core';
import { setFacts, type BodyFacts } from '@wagonomos/core/edits';
import { computed, nextTick, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';
import BasisChoice from '../../slips/BasisChoice.vue';
import RulesAge from '../../words/RulesAge.vue';
import OpenQuestions from '../../shared/OpenQuestions.vue';
import { useBasis } from '../../slips/useBasis.ts';
import { useSpeech } from '../../words/useSpeech.ts';
import { useRig } from '../../stores/rig.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import CheckRow from './CheckRow.vue';
import MissingList from './MissingList.vue';
import JourneyTable from './JourneyTable.vue';
import NotJudged from './NotJudged.vue';
import PlaceNotes from './PlaceNotes.vue';
import SanctionList from './SanctionList.vue';
import ThresholdList from './ThresholdList.vue';

/** What is over or tight first, then what is open, then, closely set, what is fine; what does not apply stands at the end and says why. */
const { t } = useI18n();
const { say } = useSpeech();
const rig = useRig();
const workspace = useWorkspace();
const answer = (body: string, facts: BodyFacts) =>
  workspace.edit('app.edit.facts', (document) => setFacts(document, body, facts));

const kinds = ['legal', 'maker', 'guidance', 'permit'] as const;
const { based, query } = useBasis();
const checks = computed(() => based.value?.assessment.checks ?? []);
/** Questions stand right below a sentence that speaks of them; below an excess, behind it. */
const questionsFirst = computed(() => based.value?.assessment.mark === 'open');
const asked = computed(() => ({ checks: checks.value, say, inert: workspace.follows }));
/** Whoever comes to answer is brought there. */
const route = useRoute();
const station = ref<HTMLElement | null>(null);
const questionOf = (ask: unknown): Element | null => {
  const answers = [...(station.value?.querySelectorAll<HTMLElement>('[data-answers]') ?? [])];
  return answers.find(({ dataset }) => dataset['answers'] === ask) ?? station.value?.querySelector('.asked') ?? null;
};
watch(
  () => route.query['ask'],
  (ask) => void nextTick(() => ask && questionOf(ask)?.scrollIntoView({ block: 'center' })),
  { immediate: true },
);
/** The worst first: an excess of law or a maker before advice, and before what is only tight. */
const rank = ({ status, kind }: Check): number =>
  (status === 'over' ? 0 : 10) + (kind === 'legal' || kind === 'maker' ? 0 : 5) + kinds.indexOf(kind);
const bad = computed(() =>
  checks.value
    .filter(({ status, kind }) => status === 'over' || (status === 'tight' && kind !== 'permit'))
    .sort((a, b) => rank(a) - rank(b) || (a.margin ?? 0) - (b.margin ?? 0)),
);
const open = computed(() => checks.value.filter(({ status }) => status === 'unknown'));
const fine = computed(() => {
  const rest = checks.value.filter(
    (check) => check.status !== 'notApplicable' && !bad.value.includes(check) && !open.value.includes(check),
  );
  return checkGroups
    .map((group) => ({ group, checks: rest.filter((check) => check.group === group) }))
    .filter((one) => one.checks.length > 0);
});
const others = computed(() => checks.value.filter((check) => check.status === 'notApplicable'));
const countries = computed(() => {
  const situation = rig.view?.situation;
  if (!situation) return [];
  const places = [situation.vehicle, situation.trailer, ...journeyOf(situation)];
  return [...new Set(places.map((place) => place.country))];
});
</script>

<template>
  <div ref="station" class="verdict">
    <BasisChoice class="drawn" :label="t('app.card.source')" />
    <p class="rules">
      {{ t('app.verdict.rules', { countries: countries.map((one) => t(`country.${one}`)).join(', ') }) }}
      <span class="legend">
        <span v-for="kind in kinds" :key="kind" class="kind" :class="kind">{{ t(`app.kind.${kind}`) }}</span>
      </span>
      <RouterLink class="quiet-button" :to="{ name: 'card', params: { rig: rig.rigId }, query }">{{
        t('app.card.open')
      }}</RouterLink>
      <RouterLink :to="{ name: 'rules', params: { rig: rig.rigId } }">{{ t('app.rules.open') }}</RouterLink>
    </p>
    <NotJudged />
    <OpenQuestions v-if="questionsFirst" v-bind="asked" @answer="answer" />
    <section v-if="bad.length > 0" class="bad" data-test="bad">
      <h2>{{ t('app.verdict.bad') }}</h2>
      <CheckRow v-for="check in bad" :key="check.id" :check="check" />
    </section>
    <OpenQuestions v-if="!questionsFirst" v-bind="asked" @answer="answer" />
    <MissingList :inert="workspace.follows" @answer="answer" />
    <section v-if="open.length > 0" class="open" data-test="open">
      <h2>{{ t('app.verdict.open') }}</h2>
      <div class="columns">
        <CheckRow v-for="check in open" :key="check.id" :check="check" close />
      </div>
    </section>
    <section v-if="fine.length > 0" data-test="fine">
      <h2>{{ t('app.verdict.fine') }}</h2>
      <div class="columns">
        <div v-for="one in fine" :key="one.group" class="group">
          <h3>{{ t(`app.group.${one.group}`) }}</h3>
          <CheckRow v-for="check in one.checks" :key="check.id" :check="check" close />
        </div>
      </div>
    </section>
    <RulesAge :checks="checks" :day="rig.view?.situation.date" />
    <JourneyTable />
    <SanctionList />
    <details class="others" data-test="marks">
      <summary>{{ t('app.verdict.marks') }}</summary>
      <div class="beside">
        <ThresholdList />
        <PlaceNotes />
      </div>
    </details>
    <details v-if="others.length > 0" class="others">
      <summary>{{ t('app.verdict.others', { count: others.length }) }}</summary>
      <CheckRow v-for="check in others" :key="check.id" :check="check" />
    </details>
  </div>
</template>

<style scoped>
/* Where no mark is near and nothing bears there is nothing to unfold. */
[data-test='marks']:not(:has(section)) {
  display: none;
}
.verdict {
  padding: 14px 18px 30px;
}
.drawn {
  margin-bottom: 8px;
}
.rules {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  margin-bottom: 12px;
  color: var(--soft);
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  color: var(--ink);
}
.kind {
  padding-left: 8px;
  border-left: 4px solid var(--ink);
}
.kind.maker {
  border-left-style: double;
}
.kind.guidance {
  border-left-style: dotted;
}
.kind.permit {
  border-left: 4px dashed var(--pen);
}
.columns,
.beside {
  columns: 3 380px;
  column-gap: 34px;
}
section {
  margin-bottom: 18px;
}
.group {
  margin-bottom: 10px;
  break-inside: avoid;
}
.bad {
  max-width: 760px;
}
h3 {
  margin: 4px 0 0;
  color: var(--soft);
  font: 600 15px/20px var(--figures);
}
h2 {
  padding-bottom: 3px;
  border-bottom: 2px solid var(--ink);
}
.others {
  margin-bottom: 10px;
}
.others summary {
  color: var(--soft);
  cursor: pointer;
}
@media (width <= 720px) {
  .verdict {
    padding: 12px 14px 26px;
  }
}
</style>
