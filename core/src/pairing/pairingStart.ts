import { ballShare } from '../loads/ballShare.ts';
import { placeContents } from '../loading/placeContents.ts';
import type { RigView } from '../loading/rigView.ts';
import { withTypical } from '../loading/typical.ts';
import { bandFor } from '../rules/ballBand.ts';
import { effectiveWheelbase } from '../statics/rigRows.ts';
import { judge } from '../verdict/assess.ts';
import { pairedView } from './pairedView.ts';
import type { Pair } from './polygon.ts';

/** Where in a car a load may be put. */
interface LoadSpot {
  /** null: no place of the car's, but over its rear axle. */
  readonly place: { readonly body: string; readonly place: string } | null;
  readonly name: string;
  /** m behind the front axle; null where nobody knows. */
  readonly x: number | null;
  /** kg that lie there now, and could be taken out. */
  readonly holds: number;
}

/** What a region starts from where its owner has asked for nothing else. */
interface PairingStart {
  readonly ballShare: number;
  /** Two standard deviations of today's share, or half the width of the school's band. */
  readonly plusMinus: number;
  /** The share as it is today, or the middle of the usual band where that is not known or lies beyond the band. */
  readonly from: 'today' | 'band';
  /** The rig as it is: its trailer, and nothing more in the car. null where the trailer's mass is not known, or there is none. */
  readonly today: (Pair & { readonly plusMinus: number }) | null;
  readonly spots: readonly LoadSpot[];
}

/** The least ± of a share, since water and what is eaten move it on every trip. */
const leastDoubt = 0.005;

/** Today's point and share, and the spots of the car a load may go to: the fullest place first. */
export function pairingStart(view: RigView): PairingStart {
  const { loads } = judge(view);
  const { ballLoad, trailerTotal } = loads.values;
  const share = ballShare(loads);
  const { low, high } = bandFor(judge(pairedView(view, { trailerMass: 1000, ballShare: 0 })).loads);
  const total = trailerTotal.kind === 'known' ? trailerTotal : null;
  const doubt = share === null || ballLoad.kind !== 'known' || !total ? null : (2 * ballLoad.sigma) / total.value;
  // A trailer badly loaded today says nothing of how any trailer would be.
  const from = share !== null && share >= low && share <= high ? 'today' : 'band';
  return {
    ballShare: from === 'today' && share !== null ? share : (low + high) / 2,
    plusMinus: from === 'band' || doubt === null ? (high - low) / 2 : Math.max(doubt, leastDoubt),
    from,
    today: total && { trailerMass: total.value, load: 0, plusMinus: 2 * total.sigma },
    spots: loadSpots(view),
  };
}

function loadSpots(view: RigView): readonly LoadSpot[] {
  const { vehicle } = withTypical(view);
  if (!vehicle) return [];
  const contents = placeContents(view);
  const places = vehicle.places.map(({ id, name, x }): LoadSpot => ({
    place: { body: vehicle.id, place: id },
    name,
    x: x ?? null,
    holds: contents.get(`${vehicle.id}/${id}`)?.mass ?? 0,
  }));
  const axle = effectiveWheelbase({ vehicle: vehicle.geometry }) ?? null;
  const known = places.filter(({ x }) => x !== null).sort((a, b) => b.holds - a.holds);
  return [...known, { place: null, name: '', x: axle, holds: 0 }, ...places.filter(({ x }) => x === null)];
}
