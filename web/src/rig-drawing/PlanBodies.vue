<script setup lang="ts">
import { isFifthWheel, type RigView } from '@wagonomos/core';
import { computed } from 'vue';
import type { PlanLayout } from './planLayout.ts';
import { usualWidths } from './planLayout.ts';

/** Outlines and wheels from above, drawn from lengths and widths alone. */
const props = defineProps<{ view: RigView; layout: PlanLayout }>();

interface Outline {
  readonly key: string;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly round: number;
}
const outline = (
  key: string,
  side: 'vehicle' | 'trailer',
  from: number,
  to: number,
  width: number,
  round: number,
): Outline => ({
  key,
  x: props.layout.x(side, from),
  y: props.layout.y(-width / 2),
  width: (to - from) * props.layout.scale,
  height: width * props.layout.scale,
  round: round * props.layout.scale,
});

const outlines = computed(() => {
  const { vehicle, trailer, camper } = props.layout.along;
  const { view } = props;
  return [
    ...(vehicle
      ? [
          outline(
            'vehicle',
            'vehicle',
            -vehicle.front,
            (vehicle.tag ?? vehicle.wheelbase) + vehicle.rear,
            view.vehicle?.geometry.width ?? usualWidths.vehicle,
            0.28,
          ),
        ]
      : []),
    ...(camper
      ? [
          outline(
            'camper',
            'vehicle',
            camper.from - camper.overCab,
            camper.from + camper.length,
            view.camper?.geometry.width ?? usualWidths.camper,
            0.12,
          ),
        ]
      : []),
    ...(trailer
      ? [
          outline(
            'trailer',
            'trailer',
            trailer.fifthWheel ? -0.6 : trailer.drawbar,
            trailer.end,
            view.trailer?.geometry.width ?? usualWidths.trailer,
            0.16,
          ),
        ]
      : []),
  ];
});
const drawbar = computed(() => {
  const { trailer } = props.layout.along;
  if (!trailer || trailer.fifthWheel || isFifthWheel(props.view.trailer)) return '';
  const { x, y } = props.layout;
  return `M${x('trailer', 0)} ${y(0)}L${x('trailer', trailer.drawbar)} ${y(-0.55)}M${x('trailer', 0)} ${y(0)}L${x('trailer', trailer.drawbar)} ${y(0.55)}`;
});

const wheel = { length: 0.68, width: 0.24 } as const;
const wheels = computed(() => {
  const { vehicle, trailer } = props.layout.along;
  const { view, layout } = props;
  const pair = (side: 'vehicle' | 'trailer', at: number, track: number) =>
    [track / 2, -track / 2].map((y) => ({
      x: layout.x(side, at - wheel.length / 2),
      y: layout.y(y - wheel.width / 2),
      width: wheel.length * layout.scale,
      height: wheel.width * layout.scale,
    }));
  const geometry = view.vehicle?.geometry;
  return [
    ...(vehicle
      ? [
          ...pair('vehicle', 0, geometry?.frontTrack ?? 1.6),
          ...pair('vehicle', vehicle.wheelbase, geometry?.rearTrack ?? 1.6),
          ...(vehicle.tag === undefined ? [] : pair('vehicle', vehicle.tag, geometry?.rearTrack ?? 1.6)),
        ]
      : []),
    ...(trailer?.axles ?? []).flatMap((at) => pair('trailer', at, view.trailer?.geometry.track ?? 1.95)),
  ];
});
const centreLine = computed(() => `M6 ${props.layout.y(0)}H100000`);
</script>

<template>
  <path :d="centreLine" class="centre" />
  <path :d="drawbar" class="bar" />
  <rect
    v-for="(one, index) in wheels"
    :key="index"
    :x="one.x"
    :y="one.y"
    :width="one.width"
    :height="one.height"
    rx="4"
    class="wheel"
  />
  <rect
    v-for="one in outlines"
    :key="one.key"
    :x="one.x"
    :y="one.y"
    :width="one.width"
    :height="one.height"
    :rx="one.round"
    class="hull"
  />
</template>

<style scoped>
.centre {
  stroke: var(--line);
  stroke-width: 1.2;
  stroke-dasharray: 14 4 2 4;
}
.bar {
  stroke: var(--ink);
  stroke-width: 3;
}
.wheel {
  fill: var(--ink);
}
.hull {
  fill: color-mix(in srgb, var(--sheet) 82%, transparent);
  stroke: var(--ink);
  stroke-width: 1.6;
}
</style>
