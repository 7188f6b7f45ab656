<script setup lang="ts">
import { displayMass, type Check, type RigView } from '@wagonomos/core';
import type { PlacePreview } from '@wagonomos/core/limits';
import { placeBoxes, sitting, tankBoxes, type DrawingLayout } from '@wagonomos/papers/drawing';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSettings } from '../stores/settings.ts';
import { leftAt } from './placeLefts.ts';
import { written } from '@wagonomos/papers/words';

/** Places with what lies in them, tanks with their level, seats with who sits there. */
const props = defineProps<{
  view: RigView;
  layout: DrawingLayout;
  contents: ReadonlyMap<string, { readonly mass: number }>;
  checks: readonly Check[];
  previews: ReadonlyMap<string, PlacePreview> | null;
  over: string | null;
  narrow: boolean;
  /** The vessel whose level is being dragged, `body/tank`. */
  filling: string | null;
}>();
const emit = defineEmits<{ place: [body: string, place: string] }>();
const { t } = useI18n();
const settings = useSettings();

const places = computed(() =>
  placeBoxes(props.view, props.layout).map((one) => {
    const mass = props.contents.get(one.key)?.mass ?? 0;
    const shown = String(displayMass(mass, settings.massUnit, 'load'));
    return {
      ...one,
      mass: mass > 0 && one.width > shown.length * 8 && one.height > 15 && !props.narrow ? shown : '',
      filled: mass > 0,
      over: props.checks.some(
        (check) => check.place?.body === one.body && check.place.place === one.place && check.status === 'over',
      ),
      title: t('app.drawing.place', { name: one.name, mass: `${shown} ${settings.massUnit}` }),
    };
  }),
);

const lefts = computed(
  () => new Map([...(props.previews ?? [])].map(([key, one]) => [key, leftAt(one, settings.massUnit, t)] as const)),
);

const tanks = computed(() =>
  tankBoxes(props.view, props.layout).map((one) => ({
    ...one,
    title: t('app.drawing.tank', { name: one.name, share: written(100 * one.share, 0) }),
  })),
);

const people = computed(() => sitting(props.view, props.layout));
const dropClasses = (key: string) => {
  const state = lefts.value.get(key)?.state;
  return { target: props.over === key, ...(state ? { [state]: true } : {}) };
};
</script>

<template>
  <g class="places">
    <g
      v-for="one in places"
      :key="one.key"
      v-memo="[
        one.x,
        one.y,
        one.width,
        one.height,
        one.mass,
        one.filled,
        one.over,
        one.title,
        over === one.key,
        lefts.get(one.key)?.text,
      ]"
      class="place"
      :class="{ filled: one.filled, over: one.over, ...dropClasses(one.key) }"
      :data-drop="one.key"
      @click="emit('place', one.body, one.place)"
    >
      <title>{{ one.title }}</title>
      <path v-if="one.arm" :d="one.arm" class="arm" />
      <rect :x="one.x" :y="one.y" :width="one.width" :height="one.height" rx="2" />
      <text v-if="lefts.has(one.key)" class="left" :x="one.x + one.width / 2" :y="one.y + one.height / 2 + 6">
        {{ lefts.get(one.key)?.text }}
      </text>
      <text v-else-if="one.mass" :x="one.x + one.width / 2" :y="one.y + one.height / 2 + 5">{{ one.mass }}</text>
    </g>
    <g v-for="one in tanks" :key="one.key" class="tank" :class="one.kind" :data-vessel="one.key">
      <title>{{ one.title }}</title>
      <rect :x="one.x" :y="one.y" :width="one.width" :height="one.height" rx="3" class="vessel" />
      <rect
        :x="one.x"
        :y="one.y + (1 - one.share) * one.height"
        :width="one.width"
        :height="one.share * one.height"
        rx="2"
        class="level"
      />
      <rect :x="one.x - 3" :y="one.y - 3" :width="one.width + 6" :height="one.height + 6" class="grasp" />
      <text v-if="filling === one.key" :x="one.x + one.width / 2" :y="one.y - 8" class="filling">{{ one.title }}</text>
    </g>
    <g v-for="one in people" :key="one.key" class="person">
      <title>{{ one.name }}</title>
      <circle :cx="one.x" :cy="one.y" :r="0.1 * layout.scale" />
      <path
        :d="`M${one.x - 0.15 * layout.scale} ${one.y + 0.33 * layout.scale}q0 ${-0.2 * layout.scale} ${0.15 * layout.scale} ${-0.2 * layout.scale}t${0.15 * layout.scale} ${0.2 * layout.scale}z`"
      />
    </g>
  </g>
</template>

<style scoped>
.place rect {
  fill: none;
  stroke: var(--slate);
  stroke-width: 1.2;
  stroke-dasharray: 4 3;
  pointer-events: all;
}
.place {
  cursor: pointer;
}
.place.filled rect {
  fill: color-mix(in srgb, var(--cargo) 55%, transparent);
  stroke: var(--ink);
}
.arm {
  stroke: var(--ink);
  stroke-width: 3;
}
.place.over rect {
  fill: color-mix(in srgb, var(--over) 25%, transparent);
  stroke: var(--over);
}
.place.fits rect {
  fill: var(--sheet);
  stroke: var(--in);
  stroke-width: 2;
}
.place.staysOver rect {
  fill: var(--sheet);
  stroke: var(--tight);
  stroke-width: 2;
}
.place.breaks rect,
.place.barred rect {
  fill: url('#hatch');
  stroke: var(--over);
  stroke-width: 2;
  stroke-dasharray: none;
}
.place.target rect {
  stroke: var(--pen);
  stroke-width: 3.5;
  stroke-dasharray: none;
}
.place .left {
  fill: var(--in);
  stroke: var(--sheet);
  stroke-width: 4;
  paint-order: stroke;
  font-size: 18px;
}
.place.staysOver .left {
  fill: var(--tight);
}
.place.barred .left {
  fill: var(--soft);
  font-size: 14px;
}
.place.breaks .left {
  fill: var(--over);
}
.place:hover rect {
  stroke: var(--pen);
  stroke-dasharray: none;
}
.place text {
  fill: var(--ink);
  font: 600 14px var(--figures);
  text-anchor: middle;
  pointer-events: none;
}
.vessel {
  fill: var(--field);
  stroke: var(--ink);
  stroke-width: 1.2;
}
.grasp {
  fill: transparent;
  cursor: ns-resize;
  touch-action: none;
}
.filling {
  fill: var(--pen);
  stroke: var(--sheet);
  stroke-width: 4;
  paint-order: stroke;
  font: 600 16px var(--figures);
  text-anchor: middle;
}
.level {
  fill: var(--water);
}
.fuel .level,
.gas .level {
  fill: var(--cargo);
}
.grey .level,
.black .level {
  fill: var(--slate);
}
.person {
  fill: var(--pen);
}
</style>
