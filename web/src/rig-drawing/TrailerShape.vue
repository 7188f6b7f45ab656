<script setup lang="ts">
import { computed } from 'vue';
import type { DrawingLayout } from './layout.ts';
import { roundedPath, type Point } from './outline.ts';
import type { TrailerProfile } from './profiles.ts';

const props = defineProps<{ layout: DrawingLayout; profile: TrailerProfile }>();

const at = (x: number, z: number): Point => [props.layout.x('trailer', x), props.layout.y(z)];

const body = computed(() => {
  const { drawbar: d, end, height: h } = props.profile;
  if (props.profile.fifthWheel) return gooseneck();
  const corners: readonly [number, number, number][] = [
    [d + 0.16, 0.46, 0.06],
    [d, 0.62, 0.1],
    [d + 0.02, h * 0.72, 0.4],
    [d + 0.42, h, 0.3],
    [end - 0.1, h - 0.02, 0.22],
    [end, h * 0.62, 0.3],
    [end - 0.02, 0.66, 0.1],
    [end - 0.32, 0.46, 0.06],
  ];
  return roundedPath(
    corners.map(([x, z]) => at(x, z)),
    corners.map(([, , round]) => round * props.layout.scale),
  );
});
/** Coupled at a pin: the nose reaches forward over the vehicle's bed, the floor drops behind it. */
function gooseneck(): string {
  const { drawbar: d, end, height: h } = props.profile;
  const corners: readonly [number, number, number][] = [
    [d + 0.1, 0.5, 0.08],
    [d - 0.1, 1.5, 0.12],
    [-0.55, 1.55, 0.1],
    [-0.6, h * 0.72, 0.3],
    [-0.1, h, 0.5],
    [end - 0.1, h - 0.02, 0.22],
    [end, h * 0.62, 0.3],
    [end - 0.02, 0.7, 0.1],
    [end - 0.32, 0.5, 0.06],
  ];
  return roundedPath(
    corners.map(([x, z]) => at(x, z)),
    corners.map(([, , round]) => round * props.layout.scale),
  );
}
const pin = computed(() => `M${at(0, 1.55)[0]} ${props.layout.y(1.55)}V${props.layout.y(1.28)}`);
const frame = computed(() => {
  const { drawbar } = props.profile;
  const [cx, cy] = at(0, 0.43);
  const [bx, by] = at(drawbar + 0.25, 0.47);
  const [ax, ay] = at(drawbar + 0.25, 0.4);
  return `M${cx} ${cy}L${bx} ${by}M${cx} ${cy}L${ax} ${ay}`;
});
const jockey = computed(() => {
  const [x, top] = at(0.42, 0.72);
  return `M${x} ${top}V${props.layout.y(0.24)}`;
});
const rib = computed(() => {
  const { drawbar, end } = props.profile;
  const [from, y] = at(drawbar + 0.01, 0.66);
  return `M${from} ${y}H${at(end - 0.01, 0)[0]}`;
});
/** Windows and door, so that a caravan is one at a glance. Shares of the body, nose to tail. */
const fittings = computed(() => {
  const { drawbar, end, height } = props.profile;
  const along = (share: number) => drawbar + share * (end - drawbar);
  const pane = (from: number, to: number, low: number, high: number) =>
    roundedPath([at(along(from), low), at(along(from), high), at(along(to), high), at(along(to), low)], [6, 6, 6, 6]);
  return {
    door: pane(0.44, 0.56, 0.5, height * 0.86),
    panes: [pane(0.14, 0.34, height * 0.53, height * 0.76), pane(0.66, 0.88, height * 0.53, height * 0.76)],
  };
});
</script>

<template>
  <g>
    <path v-if="profile.fifthWheel" :d="pin" class="frame" />
    <template v-else>
      <path :d="frame" class="frame" />
      <path :d="jockey" class="jockey" />
      <circle :cx="at(0.42, 0)[0]" :cy="layout.y(0.2)" :r="0.08 * layout.scale" class="jockey-wheel" />
    </template>
    <path :d="body" class="rig-hull" />
    <path v-if="!profile.fifthWheel" :d="rib" class="rib" />
    <path :d="fittings.door" class="door" />
    <path v-for="(pane, index) in fittings.panes" :key="index" :d="pane" class="rig-pane" />
    <circle
      :cx="at(0, 0)[0]"
      :cy="layout.y(profile.fifthWheel ? 1.26 : 0.43)"
      :r="Math.max(3, 0.07 * layout.scale)"
      class="ball"
    />
  </g>
</template>

<style scoped>
.rib {
  fill: none;
  stroke: var(--line);
  stroke-width: 1;
}
.door {
  fill: none;
  stroke: var(--line);
  stroke-width: 1.2;
}
.frame,
.jockey {
  fill: none;
  stroke: var(--ink);
  stroke-width: 3;
}
.jockey {
  stroke-width: 2;
}
.jockey-wheel,
.ball {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 2;
}
</style>
