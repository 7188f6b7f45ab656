<script setup lang="ts">
import { whenMessage, type Section, type Span } from '@wagonomos/core/road';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../../words/useSpeech.ts';
import { useTrip } from './useTrip.ts';
import { sectionIcons, useTripWords } from './useTripWords.ts';

/** The trip as a strip of road with its stops; a hand on it says where the rig above is. */
const props = defineProps<{
  /** px: where the strip begins and how wide it is, so that the curves below stand under it. */
  area: { readonly left: number; readonly width: number } | null;
}>();
const { t } = useI18n();
const { say } = useSpeech();
const { sectionName } = useTripWords();
const { at, reckoned, spans, placed, here, least, worstAt, sight, parts } = useTrip();

const grain = 1000;
const value = computed({ get: () => Math.round(at.value * grain), set: (next: number) => (at.value = next / grain) });
const percent = (share: number) => `${100 * share}%`;
const place = ({ from, to }: Pick<Span, 'from' | 'to'>) => ({ left: percent(from), width: percent(to - from) });
/** The country or state a drive leads into, in its own letters. */
const crossed = (section: Section): string => {
  const { value: trip } = reckoned;
  const there = trip?.events.some((event) => event.section === section.id && event.id !== section.id);
  if (!there || section.kind !== 'drive' || !section.where) return '';
  return section.where.state ?? section.where.country;
};
/** px a flag takes; on a shorter stretch it would be cut off. */
const flag = 46;
const widthOf = ({ from, to }: Span): number => (to - from) * (props.area?.width ?? 0);
const roomy = (span: Span): boolean => widthOf(span) >= flag;
/** px of a figure, and of a picture beside its number: where a part is narrower than these they would be cut off. */
const [figure, picture] = [8, 19];
const numberFits = (span: Span, n: number): boolean => widthOf(span) >= figure * String(n + 1).length;
const pictureFits = (span: Span, n: number): boolean => widthOf(span) >= picture + figure * String(n + 1).length;
const behind = (id: string) =>
  sight.value === 'went' && parts.value.find(({ section }) => section.id === id)?.stands !== 'ahead';
/** The limits the trip is tight by, at their worst: their status colours the strip part by part. */
const watched = computed(
  () => new Set(least.value.filter(({ check }) => check.status !== 'within').map(({ check }) => check.id)),
);
type Status = 'over' | 'tight' | 'within';
const statuses = computed((): ReadonlyMap<string, Status> => {
  const { value: trip } = reckoned;
  const sectionOf = new Map((trip?.events ?? []).map(({ id, section }) => [id, section]));
  const worst = new Map<string, Status>();
  for (const { event, checks } of trip?.moments ?? []) {
    const section = event === null ? undefined : sectionOf.get(event);
    if (section === undefined || worst.get(section) === 'over') continue;
    const states = checks.filter(({ id }) => watched.value.has(id)).map(({ status }) => status);
    if (states.includes('over')) worst.set(section, 'over');
    else if (states.includes('tight')) worst.set(section, 'tight');
  }
  return worst;
});
const statusOf = (id: string): Status => statuses.value.get(id) ?? 'within';
const says = computed((): string => {
  const { value: trip } = reckoned;
  if (!trip || !here.value?.section) return t('app.road.atStart');
  const exact = placed.value.findLast(({ to }) => Math.abs(to - at.value) < 1e-6);
  return exact
    ? say(whenMessage(trip, exact.moment))
    : t('app.road.during', { what: sectionName(trip, here.value.section) });
});
/** Arrows go from moment to moment, with the shift key bit by bit. */
const step = (event: KeyboardEvent) => {
  const way = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
  if (way === undefined) return;
  event.preventDefault();
  if (event.shiftKey) {
    at.value += way / 100;
    return;
  }
  const stops = [...new Set([0, ...placed.value.map(({ to }) => to)])].sort((a, b) => a - b);
  const next = way > 0 ? stops.find((one) => one > at.value + 1e-6) : stops.findLast((one) => one < at.value - 1e-6);
  if (next !== undefined) at.value = next;
};
const frame = computed(() =>
  props.area ? { marginLeft: `${props.area.left}px`, width: `${props.area.width}px` } : {},
);
</script>

<template>
  <div v-if="reckoned" class="ribbon" :style="frame" data-test="ribbon">
    <ol class="strip" aria-hidden="true">
      <li
        v-for="(span, n) in spans"
        :key="span.section.id"
        :class="[span.section.kind, statusOf(span.section.id), { behind: behind(span.section.id) }]"
        :style="place(span)"
        :title="sectionName(reckoned, span.section)"
      >
        <component
          :is="sectionIcons[span.section.kind]"
          v-if="span.section.kind !== 'drive' && pictureFits(span, n)"
          :size="17"
        />
        <small v-if="numberFits(span, n)">{{ n + 1 }}</small>
        <b v-if="roomy(span) && crossed(span.section)">{{ crossed(span.section) }}</b>
      </li>
    </ol>
    <span class="worst" :style="{ left: percent(worstAt) }" aria-hidden="true"></span>
    <input
      v-model.number="value"
      class="hand"
      type="range"
      min="0"
      :max="grain"
      step="1"
      :aria-label="t('app.road.hand')"
      :aria-valuetext="says"
      :style="{ '--at': percent(at) }"
      data-test="hand"
      @keydown="step"
    />
    <span class="line" :style="{ left: percent(at) }" aria-hidden="true"></span>
  </div>
</template>

<style scoped>
.ribbon {
  position: relative;
  height: 50px;
  touch-action: pan-y;
}
.strip {
  position: absolute;
  inset: 4px 0 14px;
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  position: absolute;
  top: 0;
  bottom: 0;
  display: flex;
  gap: 1px;
  align-items: center;
  justify-content: center;
  overflow: hidden;
  border-right: 1px solid var(--paper);
  background: var(--sheet);
  color: var(--ink);
}
/* The road itself: a centre line on it. */
li.drive {
  background:
    repeating-linear-gradient(90deg, var(--paper) 0 12px, transparent 12px 22px) 0 50% / 100% 2px no-repeat,
    var(--road);
  color: var(--paper);
}
li.drive :deep(svg),
li.drive small {
  padding: 0 2px;
  background: var(--road);
}
small {
  font: 600 13px/1 var(--figures);
}
li b {
  position: absolute;
  bottom: 5px;
  left: 4px;
  padding: 0 3px;
  border-radius: 2px;
  background: var(--paper);
  color: var(--ink);
  font: 600 12px/14px var(--figures);
}
li::after {
  content: '';
  position: absolute;
  inset: auto 0 0;
  height: 4px;
  background: var(--in);
}
li.tight::after {
  background: var(--tight);
}
li.over::after {
  background: repeating-linear-gradient(135deg, var(--over) 0 5px, var(--paper) 5px 7px);
}
.behind {
  opacity: 0.6;
}
.hand {
  position: absolute;
  inset: 0;
  width: calc(100% + 24px);
  height: 54px;
  margin: 0 -12px;
  opacity: 0;
  cursor: ew-resize;
}
.line {
  position: absolute;
  z-index: 1;
  top: -2px;
  bottom: -152px;
  width: 0;
  border-left: 2px solid var(--pen);
  pointer-events: none;
}
.line::before {
  content: '';
  position: absolute;
  top: -2px;
  left: -10px;
  width: 18px;
  height: 14px;
  border-radius: 3px 3px 9px 9px;
  background: var(--pen);
}
.hand:focus-visible + .line {
  outline: 2px solid var(--pen);
  outline-offset: 2px;
}
.worst {
  position: absolute;
  top: 2px;
  width: 0;
  height: 40px;
  border-left: 2px dotted var(--over);
}
@media (width <= 720px) {
  /* The names of the curves take two lines there. */
  .line {
    bottom: -174px;
  }
  li small,
  li:not(.drive) :deep(svg) {
    display: none;
  }
}
</style>
