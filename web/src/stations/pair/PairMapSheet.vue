<script setup lang="ts">
import { heaviestWith } from '@wagonomos/core/pairing';
import { displayMass, message, type Check, type RigView } from '@wagonomos/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import ChoiceField from '../../fields/ChoiceField.vue';
import FieldFrame from '../../fields/FieldFrame.vue';
import { useSpeech } from '../../words/useSpeech.ts';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../../stores/settings.ts';
import PairMap from './PairMap.vue';
import PairReading from './PairReading.vue';
import { namedEdges } from './mapScale.ts';
import type { Beside, Pairing } from './usePairing.ts';

/** The region that every limit leaves, what ends it where, and what it is asked with. */
const props = defineProps<{ view: RigView; pairing: Pairing }>();
const { t } = useI18n();
const { say } = useSpeech();
const settings = useSettings();
const {
  start,
  alone,
  share,
  plusMinus,
  spotKey,
  spot,
  keyOf,
  beside,
  quotes,
  hasBars,
  region,
  other,
  point,
  left,
  holds,
  most,
} = props.pairing;

const kg = (value: number, way: 'load' | 'margin' | 'nearest' = 'margin') =>
  `${written(displayMass(value, settings.massUnit, way), 0)} ${settings.massUnit}`;
const percent = (value: number) => t('app.pair.percent', { share: written(100 * value, 1) });

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
  <div v-if="region" class="bench">
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
</template>

<style scoped>
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
