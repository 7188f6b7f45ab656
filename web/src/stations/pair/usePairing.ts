import type { RigView } from '@wagonomos/core';
import {
  envelope,
  heaviestWith,
  marginsAt,
  pairingStart,
  withAnyTrailer,
  type Envelope,
  type Pair,
} from '@wagonomos/core/pairing';
import { applyPackages, placePackages } from '@wagonomos/core/uprating';
import { computed, ref, watch } from 'vue';
import { useOffers } from '../../shared/useOffers.ts';

/** What a region is set beside: nothing, the same share a little off, without bars, or under a quote of the owner's. */
export type Beside = 'none' | 'lighter' | 'heavier' | 'noBars' | `quote ${string}`;

/** What is asked of a car and any trailer behind it, and what comes out: none of it is part of the document. */
export function usePairing(view: () => RigView) {
  const start = computed(() => pairingStart(view()));
  const share = ref(0);
  const plusMinus = ref(0);
  const spotKey = ref('');
  const beside = ref<Beside>('none');
  const point = ref<Pair>({ trailerMass: 0, load: 0 });

  const keyOf = ({ place }: (typeof start.value.spots)[number]) => (place ? `${place.body}/${place.place}` : '');
  const spot = computed(() => start.value.spots.find((one) => keyOf(one) === spotKey.value) ?? start.value.spots[0]);
  const askedOf = (of: RigView, ballShare: number): Envelope | null =>
    envelope(of, {
      ballShare,
      plusMinus: plusMinus.value,
      x: spot.value?.x ?? null,
      place: spot.value?.place ?? undefined,
      leastLoad: -(spot.value?.holds ?? 0),
    });
  /** Whose plates count: with the trailer's own, or the car's alone, as for any trailer. */
  const alone = ref(false);
  const asked = computed((): RigView => (alone.value ? withAnyTrailer(view()) : view()));
  const region = computed(() => askedOf(asked.value, share.value));

  /** The owner's quotes and what is on offer in the region. */
  const { all: quotes } = useOffers(view);
  const hasBars = computed(() => view().rig.hitch?.distribution !== undefined);
  const other = computed((): Envelope | null => {
    const now = asked.value;
    const by = Math.max(0.01, plusMinus.value);
    switch (beside.value) {
      case 'none':
        return null;
      case 'lighter':
        return askedOf(now, Math.max(0, share.value - by));
      case 'heavier':
        return askedOf(now, share.value + by);
      case 'noBars':
        return askedOf(
          { ...now, rig: { ...now.rig, hitch: { ...now.rig.hitch, distribution: undefined } } },
          share.value,
        );
      default: {
        const quote = quotes.value.find(({ id }) => beside.value === `quote ${id}`);
        return quote ? askedOf(applyPackages(now, placePackages(now, [quote])), share.value) : null;
      }
    }
  });
  /** kg in the car at the spot now: so much can be taken out there. */
  const holds = computed(() => spot.value?.holds ?? 0);
  /** The heaviest trailer with what is in the car now. */
  const most = computed(() => heaviestWith(region.value?.pieces ?? [], 0));
  const left = computed(() => (region.value ? marginsAt(region.value, point.value) : []));

  /** Another rig, or another car of it: everything is asked anew, from where it stands today. */
  watch(
    () => view().rig.id,
    () => {
      const { ballShare, plusMinus: doubt, today, spots } = start.value;
      share.value = ballShare;
      plusMinus.value = Math.round(doubt * 1000) / 1000;
      spotKey.value = spots[0] ? keyOf(spots[0]) : '';
      beside.value = 'none';
      alone.value = false;
      const most = region.value?.carriesMost;
      point.value =
        today ?? (most ? { trailerMass: Math.floor(0.9 * most.trailerMass), load: 0 } : { trailerMass: 1000, load: 0 });
    },
    { immediate: true },
  );
  return {
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
  };
}
export type Pairing = ReturnType<typeof usePairing>;
