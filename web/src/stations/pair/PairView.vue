<script setup lang="ts">
import { displayMass, viewRig } from '@wagonomos/core';
import { computed, defineAsyncComponent } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import ChoiceField from '../../fields/ChoiceField.vue';
import SheetTabs from '../../shared/SheetTabs.vue';
import { views } from '../../shared/views.ts';
import { written } from '@wagonomos/papers/words';
import { useOpenRig } from '../../stores/openRig.ts';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import PairMapSheet from './PairMapSheet.vue';
import { useFamily } from './useFamily.ts';
import { usePairing } from './usePairing.ts';

/** Which trailer behind which car: the map of what every limit leaves, trailers and cars side by side, and what to ask for. */
const { t } = useI18n();
const settings = useSettings();
const workspace = useWorkspace();
const router = useRouter();
const route = useRoute();
const open = useOpenRig();
const view = computed(() => {
  if (!open.view) throw new Error('no rig in hand');
  return open.view;
});
const { sheets } = views.pair;
/** A trailer by itself begins with what it asks of a car. */
const sheet = computed(
  () => sheets.find((name) => name === route.query['sheet']) ?? (open.view?.vehicle ? 'map' : 'needs'),
);
const PairsTable = defineAsyncComponent(() => import('./PairsTable.vue'));
const PairNeeds = defineAsyncComponent(() => import('./PairNeeds.vue'));
const PairThumbs = defineAsyncComponent(() => import('./PairThumbs.vue'));
const pairing = usePairing(() => view.value);
const { share, spot, region, holds, most } = pairing;
/** Who comes along is asked once, for trailers and for cars. */
const family = useFamily(() => view.value);

const kg = (value: number) => `${written(displayMass(value, settings.massUnit, 'margin'), 0)} ${settings.massUnit}`;
const title = computed(() => {
  const { vehicle, trailer } = view.value;
  if (trailer && (!vehicle || sheet.value === 'cars')) return t('app.pair.titleCars', { trailer: trailer.name });
  return vehicle ? t('app.pair.title', { car: vehicle.name }) : t('app.pair.go');
});
const rigs = computed(() =>
  (workspace.document?.rigs ?? []).flatMap(({ id }) => {
    const one = workspace.document && viewRig(workspace.document, id);
    return one ? [{ value: id, label: one.rig.name }] : [];
  }),
);
const says = computed(() => {
  const of = region.value;
  if (!of || of.pieces.length === 0)
    return t('app.pair.none', { share: t('app.pair.percent', { share: written(100 * share.value, 1) }) });
  if (most.value === null) return t('app.pair.tooMuch');
  return most.value === 'open' ? t('app.pair.unbound') : t('app.pair.most', { mass: kg(most.value) });
});
const corner = computed(() => {
  const best = region.value?.carriesMost;
  const place = spot.value?.place ? spot.value.name : t('app.pair.overAxle');
  return best && t('app.pair.corner', { mass: kg(best.trailerMass), load: kg(best.load + holds.value), place });
});
</script>

<template>
  <section class="pair" data-test="pair">
    <header>
      <div>
        <h1>{{ title }}</h1>
        <p class="answer" data-test="pair-answer">
          {{ view.vehicle ? says : t('app.pair.noCar') }} <template v-if="corner">{{ corner }}</template>
        </p>
      </div>
      <ChoiceField
        class="cars no-print"
        :label="t('app.pair.which')"
        :value="view.rig.id"
        :options="rigs"
        @change="(rig: string) => router.push({ name: 'pair', params: { rig }, query: route.query })"
      />
    </header>
    <SheetTabs
      class="tabs"
      :label="t('app.pair.sheets')"
      :sheets="sheets.map((name) => ({ name, label: t(`app.pair.sheet.${name}`) }))"
      :open="sheet"
      @open="(name) => router.replace({ query: { ...route.query, sheet: name } })"
    />
    <PairMapSheet v-if="sheet === 'map'" :key="view.rig.id" :view="view" :pairing="pairing" />
    <div v-else class="sheet">
      <PairsTable v-if="sheet === 'trailers'" key="trailer" kind="trailer" :view="view" :family="family" />
      <PairsTable v-else-if="sheet === 'cars'" key="vehicle" kind="vehicle" :view="view" :family="family" />
      <PairNeeds v-else-if="sheet === 'needs'" :view="view" />
      <PairThumbs v-else :view="view" />
    </div>
  </section>
</template>

<style scoped>
.pair {
  padding: 14px 18px 30px;
}
header {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 20px;
  align-items: end;
  justify-content: space-between;
  margin-bottom: 10px;
}
header > div:first-child {
  flex: 1 1 420px;
}
h1 {
  font: 600 26px/1.2 var(--figures);
}
.answer {
  margin: 2px 0 0;
  font: 400 17px/1.3 var(--text);
}
.cars {
  flex: 0 1 320px;
}
/* Room is kept for what is fetched when it is asked for: what stands below does not move. */
.sheet {
  min-height: 72vh;
}
.tabs {
  margin-bottom: 10px;
}
</style>
