<script setup lang="ts">
import { displayMass, message, viewRig, type Check } from '@wagonomos/core';
import { heaviestWith } from '@wagonomos/core/pairing';
import { computed, defineAsyncComponent } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import ChoiceField from '../../shared/ChoiceField.vue';
import FieldFrame from '../../shared/FieldFrame.vue';
import SheetTabs from '../../shared/SheetTabs.vue';
import { useSpeech, written } from '../../shared/useSpeech.ts';
import { useOpenRig } from '../../stores/openRig.ts';
import { useSettings } from '../../stores/settings.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import PairMap from './PairMap.vue';
import PairReading from './PairReading.vue';
import { namedEdges } from './mapScale.ts';
import { usePairing, type Beside } from './usePairing.ts';

/** Which trailer a car may tow with which load in it: the region that every limit leaves, and what ends it where. */
const { t } = useI18n();
const { say } = useSpeech();
const settings = useSettings();
const workspace = useWorkspace();
const router = useRouter();
const open = useOpenRig();
const view = computed(() => {
  if (!open.view) throw new Error('no rig in hand');
  return open.view;
});
const sheets = ['map', 'trailers', 'needs', 'thumbs'] as const;
const route = useRoute();
/** A trailer by itself begins with what it asks of a car. */
const sheet = computed(
  () => sheets.find((name) => name === route.query['sheet']) ?? (open.view?.vehicle ? 'map' : 'needs'),
);
const PairTrailers = defineAsyncComponent(() => import('./PairTrailers.vue'));
const PairNeeds = defineAsyncComponent(() => import('./PairNeeds.vue'));
const PairThumbs = defineAsyncComponent(() => import('./PairThumbs.vue'));
const { start, alone, share, plusMinus, spotKey, spot, keyOf, beside, quotes, hasBars, region, other, point, left } =
  usePairing(() => view.value);

const kg = (value: number, way: 'load' | 'margin' | 'nearest' = 'margin') =>
  `${written(displayMass(value, settings.massUnit, way), 0)} ${settings.massUnit}`;
const percent = (value: number) => t('app.pair.percent', { share: written(100 * value, 1) });

const cars = computed(() =>
  (workspace.document?.rigs ?? []).flatMap(({ id }) => {
    const one = workspace.document && viewRig(workspace.document, id);
    return one ? [{ value: id, label: one.rig.name }] : [];
  }),
);
const spots = computed(() =>
  start.value.spots.map((one) => ({
    value: keyOf(one),
    label: one.place ? one.name : t('app.pair.overAxle'),
  })),
);
const besides = computed((): readonly { value: Beside; label: string }[] => [
  { value: 'none', label: t('app.pair.beside.none') },
  { value: 'lighter', label: t('app.pair.beside.lighter') },
  { value: 'heavier', label: t('app.pair.beside.heavier') },
  ...(hasBars.value ? [{ value: 'noBars' as const, label: t('app.pair.beside.noBars') }] : []),
  ...quotes.value.map(({ id, name }) => ({ value: `quote ${id}` as const, label: name })),
]);

const most = computed(() => heaviestWith(region.value?.pieces ?? [], 0));
const says = computed(() => {
  const of = region.value;
  if (!of || of.pieces.length === 0) return t('app.pair.none', { share: percent(share.value) });
  if (most.value === null) return t('app.pair.tooMuch');
  return most.value === 'open' ? t('app.pair.unbound') : t('app.pair.most', { mass: kg(most.value) });
});
const corner = computed(() => {
  const best = region.value?.carriesMost;
  return (
    best && t('app.pair.corner', { mass: kg(best.trailerMass), load: kg(best.load + holds.value), place: placed.value })
  );
});
const otherSays = computed(() => {
  if (!other.value) return '';
  const then = heaviestWith(other.value.pieces, 0);
  if (then === null) return t('app.pair.besideNone');
  if (then === 'open' || typeof most.value !== 'number') return '';
  const more = then - most.value;
  if (Math.abs(more) < 0.5) return t('app.pair.besideSame');
  return t(more > 0 ? 'app.pair.besideMore' : 'app.pair.besideLess', { mass: kg(Math.abs(more), 'nearest') });
});
const edges = computed(() =>
  (region.value ? namedEdges(region.value) : []).map(({ number, id }) => {
    const check = region.value?.checks.get(id);
    return { number, id, name: check ? say(check.name) : id, from: check ? limitOf(check) : '' };
  }),
);
/** How high the limit is, and on which plate it stands. */
function limitOf({ limit, figures: [figure] }: Check): string {
  if (limit === null) return '';
  const source = figure && say(message(`plateSource.${figure.source}`));
  return source ? t('app.pair.limitOn', { limit: kg(limit, 'nearest'), source }) : kg(limit, 'nearest');
}
const names = (checks: readonly { readonly name: Parameters<typeof say>[0] }[]) =>
  [...new Set(checks.map(({ name }) => say(name)))].join(', ');
const holds = computed(() => spot.value?.holds ?? 0);
const placed = computed(() => (spot.value?.place ? spot.value.name : t('app.pair.overAxle')));
const slide = (value: number | readonly number[]) => {
  share.value = (typeof value === 'number' ? value : (value[0] ?? 0)) / 100;
};
const widths = [0, 0.5, 1, 1.5, 2, 3, 5] as const;
const nearestWidth = computed(() =>
  widths.reduce((near, one) =>
    Math.abs(one - 100 * plusMinus.value) < Math.abs(near - 100 * plusMinus.value) ? one : near,
  ),
);
</script>

<template>
  <section class="pair" data-test="pair">
    <header>
      <div>
        <h1>{{ view.vehicle ? t('app.pair.title', { car: view.vehicle.name }) : t('app.pair.go') }}</h1>
        <p class="answer" data-test="pair-answer">
          {{ view.vehicle ? says : t('app.pair.noCar') }} <template v-if="corner">{{ corner }}</template>
        </p>
      </div>
      <ChoiceField
        class="cars"
        :label="t('app.pair.which')"
        :value="view.rig.id"
        :options="cars"
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
    <div v-if="sheet !== 'map'" class="sheet">
      <PairTrailers v-if="sheet === 'trailers'" :view="view" />
      <PairNeeds v-else-if="sheet === 'needs'" :view="view" />
      <PairThumbs v-else :view="view" />
    </div>
    <div v-else-if="view.vehicle && region" class="bench">
      <div class="left">
        <PairMap
          :region="region"
          :beside="other?.pieces"
          :today="start.today"
          :point="point"
          :holds="holds"
          :first="left[0]?.check.id"
          :along="t('app.pair.axis.mass', { unit: settings.massUnit })"
          :up="t('app.pair.axis.load', { place: placed, unit: settings.massUnit })"
          :label="t('app.pair.mapLabel')"
          @point="(next) => (point = next)"
        />
        <p class="key soft">
          <template v-if="start.today">{{ t('app.pair.key.today') }} · </template>{{ t('app.pair.key.point') }}
          <template v-if="plusMinus > 0"> · {{ t('app.pair.key.certain') }}</template>
          <template v-if="other"> · {{ t('app.pair.key.beside') }}</template>
        </p>
        <ol class="edges" :aria-label="t('app.pair.edges')" data-test="pair-edges">
          <li v-for="one in edges" :key="one.id">
            <b class="num">{{ one.number }}</b> {{ one.name }} <span class="soft">{{ one.from }}</span>
          </li>
        </ol>
        <p v-if="region.apart.length > 0" class="apart" data-test="pair-apart">
          {{ t('app.pair.apart', { limits: names(region.apart) }) }}
        </p>
        <p v-if="region.open.length > 0" class="soft" data-test="pair-open">
          {{ t('app.pair.open', { limits: names(region.open) }) }}
        </p>
      </div>
      <div class="right">
        <PairReading :point="point" :holds="holds" :place="placed" :left="left" @point="(next) => (point = next)" />
        <h2>{{ t('app.pair.asked') }}</h2>
        <FieldFrame
          v-slot="frame"
          :label="t(`app.pair.share.${start.from}`, { share: percent(share), usual: percent(start.ballShare) })"
          shape="over"
        >
          <el-slider
            :id="frame.id"
            class="slider"
            :model-value="Math.round(1000 * share) / 10"
            :min="0"
            :max="view.trailer?.coupling === 'fifthWheel' ? 30 : 18"
            :step="0.1"
            :show-tooltip="false"
            :aria-label="t('app.pair.shareOf')"
            @input="slide"
          />
        </FieldFrame>
        <div class="fields">
          <ChoiceField
            :label="t('app.pair.plusMinus')"
            :value="nearestWidth"
            :options="
              widths.map((value) => ({ value, label: value === 0 ? t('app.pair.exact') : `± ${written(value, 1)} %` }))
            "
            @change="(value: number) => (plusMinus = value / 100)"
          />
          <ChoiceField
            :label="t('app.pair.spot')"
            :value="spotKey"
            :options="spots"
            @change="(key: string) => (spotKey = key)"
          />
          <ChoiceField
            v-if="view.trailer"
            class="whole"
            :label="t('app.pair.plates')"
            :value="alone ? 'any' : 'this'"
            :options="[
              { value: 'this', label: t('app.pair.withTrailer', { trailer: view.trailer.name }) },
              { value: 'any', label: t('app.pair.anyTrailer') },
            ]"
            @change="(whose: string) => (alone = whose === 'any')"
          />
          <ChoiceField
            class="whole"
            :label="t('app.pair.besideLabel')"
            :value="beside"
            :options="besides"
            @change="(value: Beside) => (beside = value)"
          />
        </div>
        <p v-if="otherSays" class="beside-says" data-test="pair-beside">{{ otherSays }}</p>
        <p class="caution">{{ t('app.pair.caution') }}</p>
      </div>
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
.bench {
  display: grid;
  grid-template-columns: minmax(0, 1.75fr) minmax(300px, 1fr);
  gap: 24px;
  align-items: start;
}
.key,
.edges {
  margin: 6px 0;
}
.edges {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  padding: 0;
  list-style: none;
}
.edges b {
  display: inline-block;
  min-width: 22px;
  padding: 0 4px;
  border-radius: 3px;
  background: var(--ink);
  color: var(--on-ink);
  text-align: center;
}
.soft {
  color: var(--soft);
  font-size: 14px;
}
.apart {
  color: var(--over);
}
h2 {
  margin: 18px 0 4px;
  font: 600 20px var(--figures);
}
.slider {
  width: auto;
  padding: 0 10px;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
.whole {
  grid-column: 1 / -1;
}
.beside-says {
  margin: 8px 0;
  font-weight: 600;
}
.caution {
  margin: 12px 0 0;
  padding: 8px 10px;
  border-left: 4px solid var(--tight);
  background: var(--sheet);
  font-size: 14px;
}
@media (width <= 720px) {
  /* The map stays in sight while one turns what it is asked with. */
  .bench {
    display: flex;
    flex-direction: column;
    gap: 6px;
    align-items: stretch;
  }
  .left,
  .right {
    display: contents;
  }
  .bench :deep(.map) {
    position: sticky;
    z-index: 5;
    top: 0;
  }
}
</style>
