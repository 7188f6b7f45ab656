<script setup lang="ts">
import { sideLoads, type WheelEnd } from '@wagonomos/core/balance';
import { displayMass, placeContents, placedBodies, seatsIn, tankLevel, type Assessment } from '@wagonomos/core';
import type { PlacePreview } from '@wagonomos/core/limits';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../stores/settings.ts';
import { movableParts, type MovablePart } from './arranging.ts';
import PlanBodies from './PlanBodies.vue';
import { leftAt, type Left } from './placeLefts.ts';
import type { PlanLayout } from './planLayout.ts';

/** The rig from above: what lies left and right, and what each end of every axle carries. */
const props = defineProps<{
  assessment: Assessment;
  layout: PlanLayout;
  previews: ReadonlyMap<string, PlacePreview> | null;
  over: string | null;
}>();
const emit = defineEmits<{ place: [body: string, place: string] }>();
const { t } = useI18n();
const settings = useSettings();

const view = computed(() => props.assessment.loads.view);
const sides = computed(() => sideLoads(props.assessment.loads));
const contents = computed(() => placeContents(view.value));
const bodies = computed(() => new Map(placedBodies(view.value).map(({ body }) => [body.id, body] as const)));
const kg = (value: number) => written(displayMass(value, settings.massUnit, 'load'), 0);

const box = ({ side, offset, along, across }: MovablePart) => ({
  x: props.layout.x(side, offset + along.middle - along.size / 2),
  y: props.layout.y(across.middle - across.size / 2),
  width: along.size * props.layout.scale,
  height: across.size * props.layout.scale,
});
const parts = computed(() =>
  movableParts(view.value, 'above', props.layout.along.camper?.from ?? 0).filter((part) => !part.unplaced),
);
/** Boxes lie over each other, as places do: where two numbers would meet, the later one goes below. */
const lineHeight = 15;
const apart = <
  T extends {
    readonly x: number;
    readonly y: number;
    readonly width: number;
    readonly height: number;
    readonly mass: string;
  },
>(
  boxes: readonly T[],
) => {
  const said: { x: number; y: number }[] = [];
  return boxes.map((one) => {
    const x = one.x + one.width / 2;
    let y = one.y + one.height / 2 + 5;
    while (one.mass !== '' && said.some((other) => Math.abs(other.x - x) < 30 && Math.abs(other.y - y) < lineHeight)) {
      y += lineHeight;
    }
    if (one.mass !== '') said.push({ x, y });
    return { ...one, textX: x, textY: y };
  });
};
const places = computed(() =>
  apart(
    parts.value
      .filter(({ list }) => list === 'places')
      .map((part) => {
        const drop = `${part.body}/${part.id}`;
        const mass = contents.value.get(drop)?.mass ?? 0;
        return { part, drop, ...box(part), mass: mass > 0 ? kg(mass) : '', sided: sidedPart(part) };
      }),
  ),
);
/** Nobody has said on which side it is: it is drawn on the centre line. */
const sidedPart = ({ body, id }: MovablePart): boolean =>
  bodies.value.get(body)?.places.find((place) => place.id === id)?.y !== undefined;
const tanks = computed(() =>
  parts.value
    .filter(({ list }) => list === 'tanks')
    .map((part) => {
      return { part, ...box(part), share: tankLevel(view.value, part.body, part.id) };
    }),
);
const people = computed(() => {
  const { vehicle, loadout } = view.value;
  if (!vehicle) return [];
  const sits = new Map(loadout.crew.map((member) => [member.seat, member.name]));
  return seatsIn(vehicle).flatMap((seat) =>
    seat.x === undefined
      ? []
      : [
          {
            id: seat.id,
            x: props.layout.x('vehicle', seat.x),
            y: props.layout.y(seat.y ?? 0),
            taken: sits.has(seat.id),
            title: sits.get(seat.id) ?? seat.name,
          },
        ],
  );
});

interface EndMark {
  readonly key: string;
  readonly x: number;
  readonly y: number;
  readonly load: string;
  readonly note: string;
  readonly status: WheelEnd['status'];
}
const ends = computed(() =>
  sides.value.axles.flatMap(({ axle, side, x, ends: pair }): readonly EndMark[] =>
    pair === null
      ? []
      : (['left', 'right'] as const).map((end) => {
          const { load, left, status } = pair[end];
          return {
            key: `${axle} ${end}`,
            x: props.layout.x(side, x),
            y: end === 'left' ? props.layout.height - 24 : 16,
            load: kg(load),
            note:
              left === null
                ? t('app.plan.noTyres')
                : t(left < 0 ? 'app.plan.over' : 'app.plan.left', { left: kg(Math.abs(left)) }),
            status,
          };
        }),
  ),
);
const lefts = computed(
  () =>
    new Map(
      [...(props.previews ?? [])].map(
        ([key, one]): [string, Left] => [key, leftAt(one, settings.massUnit, t)] as const,
      ),
    ),
);
const dropClasses = (key: string) => {
  const state = lefts.value.get(key)?.state;
  return { target: props.over === key, ...(state ? { [state]: true } : {}) };
};
</script>

<template>
  <g class="plan">
    <PlanBodies :view="view" :layout="layout" />
    <g
      v-for="one in places"
      :key="one.part.key"
      class="place"
      :class="{ filled: one.mass !== '', unsided: !one.sided, ...dropClasses(one.drop) }"
      :data-drop="one.drop"
      @click="emit('place', one.part.body, one.part.id)"
    >
      <title>{{ one.part.name }}</title>
      <rect :x="one.x" :y="one.y" :width="one.width" :height="one.height" rx="2" />
      <text :x="one.textX" :y="one.textY" :class="{ left: lefts.has(one.drop) }">
        {{ lefts.get(one.drop)?.text ?? (one.width > 28 ? one.mass : '') }}
      </text>
    </g>
    <g v-for="one in tanks" :key="one.part.key" class="tank">
      <title>{{ one.part.name }}</title>
      <rect :x="one.x" :y="one.y" :width="one.width" :height="one.height" rx="4" />
      <rect :x="one.x" :y="one.y" :width="one.width * one.share" :height="one.height" rx="4" class="level" />
    </g>
    <g v-for="one in people" :key="one.id" class="seat" :class="{ taken: one.taken }">
      <title>{{ one.title }}</title>
      <circle :cx="one.x" :cy="one.y" :r="0.2 * layout.scale" />
    </g>
    <g v-for="end in ends" :key="end.key" class="end" :class="end.status" :data-test="`end-${end.key}`">
      <text :x="end.x" :y="end.y">{{ end.load }}</text>
      <text :x="end.x" :y="end.y + 15" class="note">{{ end.note }}</text>
    </g>
  </g>
</template>

<style scoped>
.place rect {
  fill: color-mix(in srgb, var(--sheet) 50%, transparent);
  stroke: var(--soft);
  stroke-width: 1.2;
}
.place {
  cursor: pointer;
}
.unsided rect {
  stroke-dasharray: 5 4;
}
.filled rect {
  fill: color-mix(in srgb, var(--cargo) 55%, transparent);
  stroke: var(--ink);
}
.fits rect {
  stroke: var(--in);
  stroke-width: 2;
}
.staysOver rect {
  stroke: var(--tight);
  stroke-width: 2;
}
.breaks rect,
.barred rect {
  fill: url('#hatch');
  stroke: var(--over);
  stroke-width: 2;
}
.target rect {
  stroke: var(--pen);
  stroke-width: 3.5;
}
text {
  fill: var(--ink);
  font: 600 14px var(--figures);
  text-anchor: middle;
  pointer-events: none;
}
.left {
  stroke: var(--sheet);
  stroke-width: 4;
  paint-order: stroke;
}
.tank rect {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1;
  stroke-dasharray: 2 3;
}
.tank .level {
  fill: color-mix(in srgb, var(--water) 50%, transparent);
  stroke: none;
}
.seat circle {
  fill: none;
  stroke: var(--soft);
}
.seat.taken circle {
  fill: var(--pen);
  stroke: var(--pen);
}
.end text {
  font-size: 19px;
}
.end .note {
  font: 400 13.5px var(--figures);
}
.within .note {
  fill: var(--in);
}
.tight .note {
  fill: var(--tight);
}
.over text {
  fill: var(--over);
}
</style>
