import { assess, type RigView } from '@wagonomos/core';
import { asItWent, placedMoments, spansOf, viewAt, type Section, type Trip } from '@wagonomos/core/road';
import { createSharedComposable } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useRig } from '../../stores/rig.ts';
import { useWorkspace } from '../../stores/workspace.ts';
import { useTripAnswer, type AskedTrip } from './useTripAnswer.ts';

/** What a trip is looked at as: as it was planned, or as it went so far and is planned from here on. */
type TripSight = 'plan' | 'went';

function tripHere() {
  const rig = useRig();
  const workspace = useWorkspace();
  const route = useRoute();
  const router = useRouter();
  const trips = computed(() => (workspace.document?.trips ?? []).filter((one) => one.rig === rig.rigId));
  /** The one the address names, else the last that is not over, else the last. */
  const trip = computed((): Trip | undefined => {
    const asked = trips.value.find(({ id }) => id === route.query['trip']);
    return asked ?? trips.value.findLast(({ carried }) => !carried) ?? trips.value.findLast(({ plan }) => plan);
  });
  const open = (id: string | undefined) => router.replace({ query: id === undefined ? {} : { trip: id } });
  const chosen = ref<TripSight | null>(null);
  const sight = computed<TripSight>({
    get: () => chosen.value ?? ((trip.value?.log ?? []).length > 0 ? 'went' : 'plan'),
    set: (next) => {
      chosen.value = next;
    },
  });
  /** The rig it sets out with, from all that is known of it. */
  const start = computed((): RigView | null => rig.view);
  const parts = computed(() => (trip.value ? asItWent(trip.value) : []));
  const sections = computed((): readonly Section[] =>
    sight.value === 'plan' ? (trip.value?.plan ?? []) : parts.value.map(({ section }) => section),
  );
  /** What is over of a trip under way; of one seen as planned, or over as a whole, nothing: then all of it is looked at. */
  const behind = computed((): ReadonlySet<string> => {
    const over = parts.value.filter(({ stands }) => stands !== 'ahead');
    const under = sight.value === 'went' && over.length < parts.value.length;
    return new Set(under ? over.map(({ section }) => section.id) : []);
  });
  const { answer, reckoning } = useTripAnswer((): AskedTrip | null => {
    const [{ value: from }, { value: of }] = [start, trip];
    if (!from || !of || sections.value.length === 0) return null;
    return {
      id: of.id,
      question: {
        start: from,
        trip: { date: of.date, rates: of.rates },
        sections: sections.value,
        behind: [...behind.value],
        plan: (of.log ?? []).length > 0 ? of.plan : undefined,
      },
    };
  });
  const reckoned = computed(() => answer.value?.reckoned ?? null);
  const least = computed(() => answer.value?.least ?? []);
  /** The plan alone at its worst, beside the trip as it goes. */
  const planned = computed(() => answer.value?.planned ?? null);
  const spans = computed(() => (reckoned.value ? spansOf(reckoned.value) : []));
  const placed = computed(() => (reckoned.value ? placedMoments(reckoned.value, spans.value) : []));
  const worstAt = computed(() => placed.value.find(({ moment }) => moment === least.value[0]?.moment)?.to ?? 0);
  /** Where the hand is, by the part of the trip, so that it stays there when others come and go; null: where it is worst. */
  const pointed = ref<{ readonly section: string; readonly share: number } | null>(null);
  const at = computed<number>({
    get: () => {
      const span = spans.value.find(({ section }) => section.id === pointed.value?.section);
      return span && pointed.value ? span.from + pointed.value.share * (span.to - span.from) : worstAt.value;
    },
    set: (next) => {
      const to = Math.min(1, Math.max(0, next));
      const span = spans.value.find((one) => to <= one.to) ?? spans.value.at(-1);
      if (span) pointed.value = { section: span.section.id, share: (to - span.from) / (span.to - span.from) };
    },
  });
  /** Points at the end of a part, also of one that is just being put in. */
  const pointAt = (section: string) => {
    pointed.value = { section, share: 1 };
  };
  watch(
    () => trip.value?.id,
    () => {
      pointed.value = null;
      chosen.value = null;
    },
  );
  const here = computed(() => {
    if (!reckoned.value) return null;
    const { view, section } = viewAt(reckoned.value, at.value);
    return { view, section, assessment: assess(view) };
  });
  return {
    trips,
    trip,
    open,
    sight,
    start,
    parts,
    sections,
    reckoned,
    reckoning,
    planned,
    behind,
    spans,
    placed,
    least,
    worstAt,
    pointed,
    pointAt,
    at,
    here,
  };
}

/** The trip in hand, reckoned once for all that show it. */
export const useTrip = createSharedComposable(tripHere);
