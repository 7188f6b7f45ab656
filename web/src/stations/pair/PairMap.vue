<script setup lang="ts">
import { displayMass, unitTable } from '@wagonomos/core';
import type { Envelope, Pair, Polygon } from '@wagonomos/core/pairing';
import { useElementSize } from '@vueuse/core';
import { ticks } from 'd3-array';
import { computed, ref, useTemplateRef, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../../stores/settings.ts';
import { extentOf, namedEdges } from './mapScale.ts';

/** Trailer mass to the right, load in the car upwards: what every limit leaves, each edge numbered, and two points in it. */
const props = defineProps<{
  region: Envelope;
  /** The same asked another way, drawn as an outline. */
  beside: readonly Polygon[] | undefined;
  today: (Pair & { readonly plusMinus: number }) | null;
  point: Pair;
  /** kg that lie at the spot now: the axis counts them in. */
  holds: number;
  /** The limit that ends it first at the point. */
  first: string | undefined;
  along: string;
  up: string;
  label: string;
}>();
const emit = defineEmits<{ point: [point: Pair] }>();
const { t } = useI18n();
const settings = useSettings();
const box = useTemplateRef<HTMLElement>('box');
const { width, height } = useElementSize(box, { width: 640, height: 420 });
const edge = { left: 52, right: 12, top: 14, bottom: 44 } as const;

const extent = computed(() =>
  extentOf(
    [...props.region.pieces, ...(props.beside ?? [])],
    [...(props.today ? [props.today] : []), anchor.value],
    -props.holds,
  ),
);
/** While the point is dragged the map stays as it was: what one drags towards does not run away. */
const dragging = ref(false);
const anchor = ref<Pair>(props.point);
watch(
  () => props.point,
  (next) => {
    if (!dragging.value) anchor.value = next;
  },
);
const inner = computed(() => ({
  width: Math.max(60, width.value - edge.left - edge.right),
  height: Math.max(60, height.value - edge.top - edge.bottom),
}));
const xOf = (mass: number) => edge.left + (mass / extent.value.mass) * inner.value.width;
const yOf = (load: number) => {
  const { leastLoad, mostLoad } = extent.value;
  return edge.top + (1 - (load - leastLoad) / (mostLoad - leastLoad)) * inner.value.height;
};
const spot = ({ trailerMass, load }: Pair) => ({ x: xOf(trailerMass), y: yOf(load) });
const path = (piece: Polygon) =>
  `${piece.map((corner, at) => `${at === 0 ? 'M' : 'L'}${xOf(corner.trailerMass).toFixed(1)} ${yOf(corner.load).toFixed(1)}`).join('')}Z`;
const marks = (least: number, most: number, count: number) => {
  const unit = (kg: number) => displayMass(kg, settings.massUnit, 'nearest', 0.001);
  return ticks(unit(least), unit(most), count).map((value) => ({
    text: written(value, 0),
    kg: value * (unitTable.mass[settings.massUnit]?.factor ?? 1),
  }));
};
const across = computed(() => marks(0, extent.value.mass, Math.max(3, Math.round(inner.value.width / 90))));
const upwards = computed(() =>
  marks(0, extent.value.mostLoad + props.holds, Math.max(3, Math.round(inner.value.height / 60))).map((one) => ({
    ...one,
    kg: one.kg - props.holds,
  })),
);
const inSight = (point: Pair): Pair => ({
  trailerMass: Math.min(point.trailerMass, extent.value.mass),
  load: Math.min(point.load, extent.value.mostLoad),
});
const edges = computed(() =>
  namedEdges(props.region).map((one) => {
    const lines = one.lines.map(({ from, to }) => ({ from: spot(inSight(from)), to: spot(inSight(to)) }));
    const longest = [...lines].sort((a, b) => lengthOf(b) - lengthOf(a))[0];
    return {
      ...one,
      lines,
      middle: longest && { x: (longest.from.x + longest.to.x) / 2, y: (longest.from.y + longest.to.y) / 2 },
    };
  }),
);
interface Line {
  readonly from: { readonly x: number; readonly y: number };
  readonly to: { readonly x: number; readonly y: number };
}
const lengthOf = ({ from, to }: Line) => Math.hypot(to.x - from.x, to.y - from.y);

/** To the whole kilogram, and never less than nothing. */
const put = (mass: number, load: number) =>
  emit('point', {
    trailerMass: Math.max(0, Math.round(mass)),
    load: Math.max(-props.holds, Math.round(load)),
  });
const toward = (event: MouseEvent) => {
  const frame = box.value?.getBoundingClientRect();
  if (!frame) return;
  const { leastLoad, mostLoad, mass } = extent.value;
  const share = (event.clientY - frame.top - edge.top) / inner.value.height;
  put(
    Math.min(mass, ((event.clientX - frame.left - edge.left) / inner.value.width) * mass),
    Math.min(mostLoad, leastLoad + (1 - share) * (mostLoad - leastLoad)),
  );
};
const follow = (event: PointerEvent) => {
  if (dragging.value) toward(event);
};
/** A finger takes the point itself: beside it, it scrolls the page, and a tap brings the point there. */
const take = (event: PointerEvent) => {
  const held = (event.target as Element).closest('.point') !== null;
  if (event.button !== 0 || (event.pointerType === 'touch' && !held)) return;
  dragging.value = true;
  (event.currentTarget as Element).setPointerCapture(event.pointerId);
  follow(event);
};
const release = () => {
  dragging.value = false;
  anchor.value = props.point;
};
const steps = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] } as const;
const walk = (event: KeyboardEvent) => {
  const step = steps[event.key as keyof typeof steps];
  if (!step) return;
  event.preventDefault();
  const by = event.shiftKey ? 50 : 5;
  put(props.point.trailerMass + by * step[0], props.point.load + by * step[1]);
};
</script>

<template>
  <div ref="box" class="map">
    <svg
      :viewBox="`0 0 ${width} ${height}`"
      role="group"
      :aria-label="label"
      data-test="pair-map"
      @pointerdown="take"
      @pointermove="follow"
      @pointerup="release"
      @pointercancel="release"
      @click="toward"
    >
      <g class="grid" aria-hidden="true">
        <template v-for="one in across" :key="`x${one.kg}`">
          <line :x1="xOf(one.kg)" :x2="xOf(one.kg)" :y1="edge.top" :y2="edge.top + inner.height" />
          <text :x="xOf(one.kg)" :y="edge.top + inner.height + 16" text-anchor="middle">{{ one.text }}</text>
        </template>
        <template v-for="one in upwards" :key="`y${one.kg}`">
          <line :x1="edge.left" :x2="edge.left + inner.width" :y1="yOf(one.kg)" :y2="yOf(one.kg)" />
          <text :x="edge.left - 6" :y="yOf(one.kg) + 4" text-anchor="end">{{ one.text }}</text>
        </template>
        <text class="axis" :x="edge.left + inner.width" :y="height - 6" text-anchor="end">{{ along }}</text>
        <text class="axis up" :x="edge.left + 6" :y="edge.top + 12">{{ up }}</text>
      </g>
      <g aria-hidden="true">
        <svg :x="edge.left" :y="edge.top" :width="inner.width" :height="inner.height" class="cut">
          <g :transform="`translate(${-edge.left} ${-edge.top})`">
            <path v-for="(piece, at) in region.pieces" :key="at" class="region" :d="path(piece)" />
            <path v-for="(piece, at) in region.certain" :key="`c${at}`" class="certain" :d="path(piece)" />
            <path v-for="(piece, at) in beside ?? []" :key="`b${at}`" class="beside" :d="path(piece)" />
          </g>
        </svg>
        <template v-for="one in edges" :key="one.id">
          <line
            v-for="(line, at) in one.lines"
            :key="at"
            class="limit"
            :class="{ first: one.id === first }"
            :x1="line.from.x"
            :y1="line.from.y"
            :x2="line.to.x"
            :y2="line.to.y"
          />
          <g v-if="one.middle" class="number" :class="{ first: one.id === first }">
            <rect :x="one.middle.x - 11" :y="one.middle.y - 10" width="22" height="20" rx="3" />
            <text :x="one.middle.x" :y="one.middle.y + 5" text-anchor="middle">{{ one.number }}</text>
          </g>
        </template>
      </g>
      <g v-if="today" class="today" aria-hidden="true">
        <line
          :x1="xOf(Math.max(0, today.trailerMass - today.plusMinus))"
          :x2="xOf(today.trailerMass + today.plusMinus)"
          :y1="yOf(today.load)"
          :y2="yOf(today.load)"
        />
        <rect :x="xOf(today.trailerMass) - 11" :y="yOf(today.load) - 11" width="22" height="22" />
      </g>
      <g
        class="point"
        :class="{ dragging }"
        tabindex="0"
        role="slider"
        :aria-label="t('app.pair.point')"
        :aria-valuenow="Math.round(point.trailerMass)"
        :aria-valuetext="
          t('app.pair.pointAt', {
            mass: written(displayMass(point.trailerMass, settings.massUnit, 'nearest'), 0),
            load: written(displayMass(point.load + holds, settings.massUnit, 'nearest'), 0),
            unit: settings.massUnit,
          })
        "
        data-test="pair-point"
        @keydown="walk"
      >
        <circle class="reach" :cx="spot(point).x" :cy="spot(point).y" r="22" />
        <circle :cx="spot(point).x" :cy="spot(point).y" r="8" />
      </g>
    </svg>
  </div>
</template>

<style scoped>
.map {
  position: relative;
  aspect-ratio: 16 / 10;
  min-height: 300px;
  border: 1.5px solid var(--line);
  background: var(--sheet);
}
@media (width <= 720px) {
  .map {
    aspect-ratio: 5 / 4;
    min-height: 0;
  }
}
svg {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  cursor: crosshair;
  user-select: none;
}
svg.cut {
  position: static;
  overflow: hidden;
}
.grid line {
  stroke: var(--hair);
}
.grid text {
  fill: var(--soft);
  font: 400 13px var(--figures);
}
.grid .axis {
  fill: var(--ink);
  font: 600 14px var(--figures);
}
.region {
  fill: color-mix(in srgb, var(--in) 16%, transparent);
}
.certain {
  fill: color-mix(in srgb, var(--in) 22%, transparent);
}
.beside {
  fill: none;
  stroke: var(--pen);
  stroke-width: 2;
  stroke-dasharray: 7 5;
}
.limit {
  stroke: var(--ink);
  stroke-width: 2.5;
  stroke-linecap: round;
}
.limit.first {
  stroke: var(--tight);
  stroke-width: 4;
}
.number rect {
  fill: var(--ink);
}
.number.first rect {
  fill: var(--tight);
}
.number text {
  fill: var(--on-ink);
  font: 600 14px var(--figures);
}
.today rect {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 2.5;
}
.today line {
  stroke: var(--ink);
  stroke-width: 2;
}
.point {
  touch-action: none;
}
.point circle {
  fill: var(--pen);
  stroke: var(--sheet);
  stroke-width: 2;
  cursor: grab;
}
.point .reach {
  fill: transparent;
  stroke: none;
}
.point:focus-visible {
  outline: none;
}
.point:focus-visible .reach {
  stroke: var(--pen);
}
</style>
