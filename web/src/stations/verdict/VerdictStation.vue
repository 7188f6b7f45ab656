<script setup lang="ts">
import { checkGroups, journeyOf, type Check } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import BasisChoice from '../../shared/BasisChoice.vue';
import { useBasis } from '../../shared/useBasis.ts';
import { useRig } from '../../stores/rig.ts';
import CheckRow from './CheckRow.vue';
import MissingList from './MissingList.vue';
import JourneyTable from './JourneyTable.vue';
import PlaceNotes from './PlaceNotes.vue';
import SanctionList from './SanctionList.vue';
import ThresholdList from './ThresholdList.vue';

/** Every check by what it protects, over first; what does not apply stands at the end and says why. */
const { t } = useI18n();
const rig = useRig();

const order: readonly Check['status'][] = ['over', 'tight', 'unknown', 'within'];
const kinds = ['legal', 'maker', 'guidance', 'permit'] as const;
const { based, query } = useBasis();
const checks = computed(() => based.value?.assessment.checks ?? []);
const groups = computed(() =>
  checkGroups
    .map((group) => ({
      group,
      checks: checks.value
        .filter((check) => check.group === group && check.status !== 'notApplicable')
        .sort(
          (a, b) => order.indexOf(a.status) - order.indexOf(b.status) || kinds.indexOf(a.kind) - kinds.indexOf(b.kind),
        ),
    }))
    .filter((one) => one.checks.length > 0)
    .sort((a, b) => worst(a.checks) - worst(b.checks)),
);
/** What is over, in any group, comes before everything else; advice and permissions move nothing. */
function worst(list: readonly Check[]): number {
  return list.some((check) => check.status === 'over' && (check.kind === 'legal' || check.kind === 'maker')) ? 0 : 1;
}
const others = computed(() => checks.value.filter((check) => check.status === 'notApplicable'));
const countries = computed(() => {
  const situation = rig.view?.situation;
  if (!situation) return [];
  const places = [situation.vehicle, situation.trailer, ...journeyOf(situation)];
  return [...new Set(places.map((place) => place.country))];
});
</script>

<template>
  <div class="verdict">
    <BasisChoice class="drawn" :label="t('app.card.source')" />
    <p class="rules">
      {{ t('app.verdict.rules', { countries: countries.map((one) => t(`app.country.${one}`)).join(', ') }) }}
      <span class="legend">
        <span v-for="kind in kinds" :key="kind" class="kind" :class="kind">{{ t(`app.kind.${kind}`) }}</span>
      </span>
      <RouterLink :to="{ name: 'card', params: { rig: rig.rigId }, query }">{{ t('app.card.open') }}</RouterLink>
      <RouterLink :to="{ name: 'rules', params: { rig: rig.rigId } }">{{ t('app.rules.open') }}</RouterLink>
    </p>
    <MissingList />
    <div class="groups">
      <section v-for="one in groups" :key="one.group">
        <h2>{{ t(`app.group.${one.group}`) }}</h2>
        <CheckRow v-for="check in one.checks" :key="check.id" :check="check" />
      </section>
    </div>
    <JourneyTable />
    <div class="beside">
      <ThresholdList />
      <SanctionList />
      <PlaceNotes />
    </div>
    <details v-if="others.length > 0" class="others">
      <summary>{{ t('app.verdict.others', { count: others.length }) }}</summary>
      <CheckRow v-for="check in others" :key="check.id" :check="check" />
    </details>
  </div>
</template>

<style scoped>
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
.groups,
.beside {
  columns: 3 380px;
  column-gap: 34px;
}
section {
  margin-bottom: 18px;
  break-inside: avoid;
}
h2 {
  padding-bottom: 3px;
  border-bottom: 2px solid var(--ink);
}
.others {
  max-width: 560px;
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
