<script setup lang="ts">
import {
  displayMass,
  placeContents,
  type Assessment,
  type Check,
  type Pillar,
  type RigView,
  type Side,
} from '@wagonomos/core';
import type { Chain, PlacePreview } from '@wagonomos/core/limits';
import { useElementSize, useMediaQuery } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import MarginText from '../words/MarginText.vue';
import { useSpeech } from '../words/useSpeech.ts';
import { ballShareWords } from '../words/ballShareWords.ts';
import { written } from '@wagonomos/papers/words';
import { useSettings } from '../stores/settings.ts';
import { layoutRig, pillarHeight, supportX } from '@wagonomos/papers/drawing';
import { labelSides, standApart } from './pillarLabels.ts';
import type { Sight } from './arranging.ts';
import ArrangeLayer from './ArrangeLayer.vue';
import PlanDrawing from './PlanDrawing.vue';
import PlanNotes from './PlanNotes.vue';
import { layoutPlan } from './planLayout.ts';
import { usePartEdits } from './usePartEdits.ts';
import { useHand } from '../stores/hand.ts';
import { useWorkspace } from '../stores/workspace.ts';
import BodyShapes from './BodyShapes.vue';
import PillarShape from './PillarShape.vue';
import PlaceShapes from './PlaceShapes.vue';
import RigWheels from './RigWheels.vue';

/** The rig to scale on its road, with a pillar under every axle and the coupling. */
const props = defineProps<{
  /** What lies where now; it stays while a thing is carried. */
  view: RigView;
  /** What it comes to, or would come to with the thing where it is held. */
  assessment: Assessment;
  supports: readonly Pillar[];
  chains: readonly Chain[];
  /** Each place with what a thing in the hand would leave there, and the place it is held over. */
  previews?: ReadonlyMap<string, PlacePreview> | null;
  over?: string | null;
  sight?: Sight;
  /** Parts are being put where they are. */
  arranging?: boolean;
  /** Where somebody is asking how much more would go, m on one of the bodies. */
  probe?: { readonly side: Side; readonly x: number; readonly text: string } | null;
}>();
const emit = defineEmits<{ open: [id: string]; place: [body: string, place: string] }>();
const { t } = useI18n();
const { say } = useSpeech();
const settings = useSettings();

const frame = ref<HTMLElement>();
const { width: measured } = useElementSize(frame, { width: document.documentElement.clientWidth, height: 0 });
const narrow = useMediaQuery('(width <= 720px)');
const width = computed(() => Math.max(300, measured.value));
const layout = computed(() => layoutRig(props.view, width.value, narrow.value ? 'phone' : 'desk'));
const plan = computed(() => layoutPlan(props.view, width.value, narrow.value ? 'phone' : 'desk'));
const above = computed(() => props.sight === 'above');
const height = computed(() => (above.value ? plan.value.height : layout.value.height));
const contents = computed(() => placeContents(props.view));
const edits = usePartEdits();
const workspace = useWorkspace();
const hand = useHand();

/** Where several parts hold a load up, the one that governs is named under it. */
const chainOf = {
  ballLoad: 'ball',
  frontAxle: 'frontAxle',
  rearAxle: 'rearAxle',
  driveAxle: 'rearAxle',
  tagAxle: 'tagAxle',
} as const;
const governing = computed<Readonly<Partial<Record<Pillar['quantity'], string>>>>(() =>
  Object.fromEntries(
    Object.entries(chainOf).flatMap(([quantity, name]) => {
      const chain = props.chains.find((one) => one.name === name);
      const part = chain?.weakest?.governing[0];
      return chain && chain.parts.length > 1 && part ? [[quantity, say(part.name)]] : [];
    }),
  ),
);

const labelWidth = 122;
const columns = computed(() => {
  const positions = standApart(
    props.supports.map((pillar) => supportX(pillar, layout.value)),
    34,
  );
  const sides = labelSides(positions, labelWidth, width.value);
  return props.supports.map((pillar, index) => {
    const x = positions[index] ?? 0;
    const side = sides[index] ?? 'right';
    const left = side === 'left' ? x - 20 - labelWidth : x + 20;
    return { pillar, x, side, style: narrow.value ? {} : { left: `${left}px`, top: `${layout.value.groundY + 8}px` } };
  });
});
const shaft = computed(() => pillarHeight * (narrow.value ? 0.6 : 1));

/** What rests on the coupling, in per cent of the loaded trailer. */
const share = computed(() => ballShareWords(props.assessment.loads) ?? '');
const loadOf = (check: Check | null): string => {
  if (!check || check.demand === null) return t('app.pillar.unknownLoad');
  const shown = (kg: number) => written(displayMass(kg, settings.massUnit, 'load'), 0);
  const [a, b] = check.ways ?? [];
  const demand =
    a === undefined || b === undefined
      ? shown(check.demand)
      : t('app.verdict.eitherLoad', { a: shown(a), b: shown(b) });
  if (check.limit === null) return t('app.pillar.noLimit', { demand });
  const limit = written(displayMass(check.limit, settings.massUnit, 'nearest'), 0);
  return t(check.sense === 'max' ? 'app.pillar.of' : 'app.pillar.least', { demand, limit });
};
</script>

<template>
  <div ref="frame" class="drawing" :class="{ narrow }">
    <svg :width="width" :height="height" :viewBox="`0 0 ${width} ${height}`" aria-hidden="true">
      <defs>
        <pattern id="hatch" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="6" height="6" class="hatch-ground" />
          <line x1="1" y1="0" x2="1" y2="6" class="hatch-line" />
        </pattern>
      </defs>
      <PlanDrawing
        v-if="above"
        :assessment="assessment"
        :layout="plan"
        :previews="previews ?? null"
        :over="over ?? null"
        @place="(body, place) => emit('place', body, place)"
      />
      <template v-else>
        <BodyShapes :view="view" :layout="layout" />
        <PlaceShapes
          :view="view"
          :layout="layout"
          :contents="contents"
          :checks="assessment.checks"
          :previews="previews ?? null"
          :over="over ?? null"
          :narrow="narrow"
          :filling="hand.filling"
          @place="(body, place) => emit('place', body, place)"
        />
        <RigWheels :layout="layout" />
        <rect x="0" :y="layout.groundY" :width="width" height="4" class="road" />
        <g v-if="probe" class="probe">
          <path :d="`M${layout.x(probe.side, probe.x)} 4V${layout.groundY}`" />
          <text :x="layout.x(probe.side, probe.x) + 6" y="16">{{ probe.text }}</text>
        </g>
        <PillarShape
          v-for="column in columns"
          :key="column.pillar.quantity"
          :x="column.x"
          :top="layout.groundY + 4"
          :height="shaft"
          :check="column.pillar.check"
        />
      </template>
    </svg>
    <ArrangeLayer
      v-if="arranging"
      :view="view"
      :sight="above ? 'above' : 'side'"
      :camper-x="layout.camper?.from ?? 0"
      :scale="layout.scale"
      :x="layout.x"
      :y="above ? plan.y : layout.y"
      @change="(part, patch) => edits.change(part.key, patch)"
      @remove="(part) => edits.remove(part.key)"
      @settle="workspace.settle()"
    />
    <ul v-if="!above || narrow" class="labels">
      <li
        v-for="column in columns"
        :key="column.pillar.quantity"
        :style="column.style"
        :class="column.side"
        :data-test="`pillar-${column.pillar.quantity}`"
      >
        <button type="button" @click="emit('open', column.pillar.check?.id ?? column.pillar.quantity)">
          <small>{{ say(column.pillar.name) }}</small>
          <MarginText :check="column.pillar.check" />
          <small class="num of"
            >{{ loadOf(column.pillar.check)
            }}<span
              v-if="column.pillar.quantity === 'ballLoad' && share"
              :title="t('app.pillar.ofTrailer')"
              data-test="ball-share"
              >{{ t('app.pillar.share', { share }) }}</span
            ></small
          >
          <small v-if="column.pillar.check?.sense === 'max' && governing[column.pillar.quantity]" class="part">{{
            t('app.pillar.by', { part: governing[column.pillar.quantity] })
          }}</small>
        </button>
      </li>
    </ul>
    <PlanNotes v-if="above" :assessment="assessment" />
    <p v-if="layout.byEye && !above" class="by-eye">{{ t('app.drawing.byEye') }}</p>
  </div>
</template>

<style scoped>
.drawing {
  position: relative;
}
svg {
  display: block;
}
.road {
  fill: var(--road);
}
.hatch-ground {
  fill: var(--field);
}
.hatch-line {
  stroke: var(--slate);
  stroke-width: 2;
}
.labels {
  margin: 0;
  padding: 0;
  list-style: none;
}
.labels li {
  position: absolute;
  width: 122px;
}
.labels button {
  display: block;
  width: 100%;
  padding: 0;
  border: 0;
  border-radius: 2px;
  background: none;
  color: var(--ink);
  font: 600 20px/22px var(--figures);
  text-align: left;
  cursor: pointer;
}
.labels .left button {
  text-align: right;
}
.labels button:hover small:first-child {
  text-decoration: underline;
}
.labels small {
  display: block;
  color: var(--soft);
  font: 400 14px/16px var(--figures);
}
.labels .of {
  color: var(--ink);
}
.probe path {
  stroke: var(--pen);
  stroke-width: 2;
  stroke-dasharray: 5 4;
}
.probe text {
  fill: var(--pen);
  font: 600 15px var(--figures);
}
.labels .part {
  font-size: 13px;
}
.by-eye {
  position: absolute;
  right: 18px;
  bottom: 6px;
  color: var(--soft);
  font-size: 12.5px;
}
.narrow .labels {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 1px;
  border-top: 1px solid var(--line);
  background: var(--line);
}
.narrow .labels li {
  position: static;
  width: auto;
  background: var(--sheet);
}
.narrow .labels button {
  min-height: 58px;
  padding: 6px 14px;
  text-align: left;
}
.narrow .by-eye {
  position: static;
  padding: 4px 14px;
}
</style>
