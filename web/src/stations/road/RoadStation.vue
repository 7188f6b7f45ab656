<script setup lang="ts">
import { ListChecks, Plus } from '@lucide/vue';
import { useMediaQuery } from '@vueuse/core';
import { computed, defineAsyncComponent, onBeforeUnmount, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useAlong } from '../../stores/along.ts';
import { useRig } from '../../stores/rig.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import { useToday } from '../../stores/today.ts';
import TripBar from './TripBar.vue';
import TripBorders from './TripBorders.vue';
import TripCurves from './TripCurves.vue';
import TripHelp from './TripHelp.vue';
import TripLog from './TripLog.vue';
import TripPlan from './TripPlan.vue';
import TripRates from './TripRates.vue';
import TripRibbon from './TripRibbon.vue';
import TripWorst from './TripWorst.vue';
import { useTrip } from './useTrip.ts';
import { useTripWords } from './useTripWords.ts';

/** The load along the road: the trip as a strip, what every limit has left along it, and the rig above at the moment one points at. */
const TripDialog = defineAsyncComponent(() => import('../../shared/TripDialog.vue'));
const { t } = useI18n();
const rig = useRig();
const workspace = useWorkspace();
const today = useToday();
const along = useAlong();
const { sectionName } = useTripWords();
const { trip, sections, reckoned, reckoning, here } = useTrip();

const narrow = useMediaQuery('(width <= 720px)');
const area = ref<{ readonly left: number; readonly width: number } | null>(null);
const bar = ref<InstanceType<typeof TripBar>>();
const over = ref(false);
watch(
  here,
  (now) => {
    const { value: of } = reckoned;
    along.shown =
      now && of
        ? {
            view: now.view,
            assessment: now.assessment,
            says: now.section ? t('app.road.during', { what: sectionName(of, now.section) }) : t('app.road.atStart'),
          }
        : null;
  },
  { immediate: true },
);
onBeforeUnmount(() => {
  along.shown = null;
});
/** Once it has set out, what is wanted on a phone is the log. */
const underWay = computed(() => {
  const { value: of } = trip;
  if (!of || of.carried) return false;
  return (of.log ?? []).length > 0 || (of.date !== undefined && of.date <= today.day && !empty.value);
});
const empty = computed(() => !trip.value || (trip.value.plan ?? []).length + (trip.value.log ?? []).length === 0);
</script>

<template>
  <div v-if="rig.view" class="road" :inert="workspace.follows">
    <TripBar ref="bar" />
    <TripLog v-if="narrow && underWay" />
    <template v-if="sections.length > 0">
      <TripWorst />
      <div v-if="reckoned" class="along" :class="{ old: reckoning }">
        <TripRibbon :area="area" />
        <TripCurves @area="area = $event" />
        <TripHelp />
      </div>
    </template>
    <section v-if="empty" class="first">
      <h2>{{ t('app.road.firstTitle') }}</h2>
      <p>{{ t('app.road.first') }}</p>
      <el-button v-if="!trip" type="primary" @click="bar?.begin()">
        <Plus :size="16" />{{ t('app.road.plan1') }}
      </el-button>
    </section>
    <div v-if="trip" class="columns">
      <div>
        <TripLog v-if="narrow && !empty && !underWay" />
        <TripPlan :class="{ old: reckoning }" />
        <TripRates />
        <p class="no-print">
          <button type="button" class="quiet-button" @click="over = true">
            <ListChecks :size="15" />{{ t('app.trip.open') }}
          </button>
        </p>
      </div>
      <div v-if="!empty">
        <TripLog v-if="!narrow" />
        <TripBorders />
      </div>
    </div>
    <p class="caution">{{ t('app.road.caution') }}</p>
    <TripDialog v-if="over" v-model="over" :view="rig.view" />
  </div>
</template>

<style scoped>
.road {
  padding: 6px 18px 50px;
}
.road > *,
.along > * {
  margin-bottom: 6px;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.5fr) minmax(0, 1fr);
  gap: 26px;
}
.old :deep(.num),
.old :deep(svg) {
  opacity: 0.5;
}
.first {
  max-width: 640px;
  padding: 10px 0;
}
.caution {
  color: var(--soft);
  font-size: 14px;
}
@media (width <= 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (width <= 720px) {
  .road {
    padding: 6px 14px 40px;
  }
}
</style>
