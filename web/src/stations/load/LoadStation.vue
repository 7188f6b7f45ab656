<script setup lang="ts">
import { askedSince, unlistedNow } from '@wagonomos/core/weighing';
import { computed } from 'vue';
import { useRig } from '../../stores/rig.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import LoadoutBar from './LoadoutBar.vue';
import FittingList from './FittingList.vue';
import HandGuide from './HandGuide.vue';
import CrewList from './CrewList.vue';
import InFigure from './InFigure.vue';
import PayloadSummary from './PayloadSummary.vue';
import SpotProbe from './SpotProbe.vue';
import SaidWholes from './SaidWholes.vue';
import PlaceList from './PlaceList.vue';
import TankList from './TankList.vue';
import SinceRows from './SinceRows.vue';
import ThingList from './ThingList.vue';
import UnlistedRows from './UnlistedRows.vue';
import { useGrowing } from '../../shared/useGrowing.ts';

const rig = useRig();
/** What is below the first screen is made once the station stands. */
const below = useGrowing(() => 2, 1);
const workspace = useWorkspace();
/** What a scale found beside the lists, and what it asks of them. */
const found = computed(() => (rig.assessment ? unlistedNow(rig.assessment.loads) : []));
const asked = computed(() => (rig.assessment ? askedSince(rig.assessment.loads) : []));
</script>

<template>
  <div v-if="rig.view" class="bench load" :inert="workspace.follows">
    <LoadoutBar :view="rig.view" />
    <UnlistedRows :view="rig.view" :found="found" />
    <SinceRows :view="rig.view" :asked="asked" />
    <ThingList :view="rig.view" />
    <section>
      <CrewList v-if="rig.view.vehicle" :view="rig.view" />
      <TankList :view="rig.view" />
      <InFigure :view="rig.view" />
      <template v-if="below > 1">
        <FittingList :view="rig.view" />
        <SaidWholes :view="rig.view" />
      </template>
    </section>
    <section>
      <PayloadSummary />
      <template v-if="below > 1">
        <SpotProbe :view="rig.view" />
        <PlaceList :view="rig.view" />
      </template>
    </section>
    <HandGuide />
  </div>
</template>

<style scoped>
.load {
  grid-template-columns: minmax(0, 1.25fr) minmax(0, 0.85fr) minmax(0, 1fr);
}
@media (width <= 1000px) {
  .load {
    grid-template-columns: 1fr;
  }
}
</style>
