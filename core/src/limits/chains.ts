import { axleLimits, axleLoad } from './onAxle.ts';
import { ballShare } from '../loads/ballShare.ts';
import type { Loads } from '../loads/loads.ts';
import { message, percent, type Message } from '../messages/message.ts';
import { isFifthWheel } from '../rig/body.ts';
import type { LimitName } from '../rig/limitNames.ts';
import type { GearAxle } from '../rig/runningGear.ts';
import { heldFigures, holds, possibleFigures } from '../rig/plated.ts';
import type { Side } from '../statics/pointLoad.ts';
import type { QuantityName } from '../statics/rigRows.ts';
import { heaviestTrailer } from './dValue.ts';
import { tyreCapacity } from './tyreCapacity.ts';
import { weakest, type Rated, type Weakest } from './weakest.ts';

export type ChainName = 'trailer' | 'towing' | 'ball' | 'frontAxle' | 'rearAxle' | 'tagAxle';

/** One part of a chain and what it allows, kg. */
export interface ChainPart extends Rated {
  readonly name: Message;
  /** How the rating came about, where it is no plain figure: an axle rating brought up to the whole trailer, a D-value. */
  readonly how: Message | null;
  /** A condition nobody has confirmed stands behind it: shown, and left out of the reckoning. */
  readonly unconfirmed: boolean;
}

/** The parts between load and road on one path, weakest first, and which of them governs. */
export interface Chain {
  readonly name: ChainName;
  readonly parts: readonly ChainPart[];
  readonly weakest: Weakest<ChainPart> | null;
  /** What the path carries now, kg; null where it is not known. */
  readonly load: number | null;
}

/** Every chain of the rig that has at least one part known. */
export function chains(loads: Loads): readonly Chain[] {
  const { vehicle, trailer } = loads.view;
  const all: [ChainName, QuantityName, ChainPart[]][] = [
    ['trailer', 'trailerTotal', trailer ? trailerParts(loads) : []],
    ['towing', 'trailerTotal', vehicle && trailer ? towingParts(loads) : []],
    ['ball', 'ballLoad', trailer ? partsFrom(loads, 'ballMax', ['vehicle', 'trailer']) : []],
    ['frontAxle', 'frontAxle', axleParts(loads, 'front')],
    ['rearAxle', axleLoad(loads.view, 'rear'), axleParts(loads, 'rear')],
    ['tagAxle', 'tagAxle', vehicle?.geometry.tagAxle ? axleParts(loads, 'tag') : []],
  ];
  return all
    .filter(([, , parts]) => parts.length > 0)
    .map(([name, quantity, parts]) => {
      const sorted = [...parts].sort((a, b) => a.rating - b.rating);
      const value = loads.values[quantity];
      return {
        name,
        parts: sorted,
        weakest: weakest(sorted.filter((part) => !part.unconfirmed)),
        load: value.kind === 'known' ? value.value : null,
      };
    });
}

const plain = (id: string, name: Message, rating: number): ChainPart => ({
  id,
  name,
  rating,
  how: null,
  unconfirmed: false,
});

/** Every figure for a limit that holds, or may hold, each under the name of the part it was read from. */
function partsFrom(loads: Loads, limit: LimitName, sides: readonly Side[]): ChainPart[] {
  return sides.flatMap((side) =>
    possibleFigures(loads.view, loads.view[side], limit).map((figure): ChainPart => {
      const part = plain(`${side}.${figure.plate}.${limit}`, message(`plateSource.${figure.source}`), figure.value);
      return { ...part, unconfirmed: holds(loads.view, figure) === 'unknown' };
    }),
  );
}

/**
 * A trailer's chain, as whole trailer. What stands on the axles bears only what the coupling does not: at today's share on
 * the coupling a rating G of axles, tyres, wheels or springs allows a trailer of G / (1 − share). Without a known share the
 * rating itself counts, which is the strict reading.
 */
function trailerParts(loads: Loads): ChainPart[] {
  const share = Math.min(0.5, Math.max(0, ballShare(loads) ?? 0));
  const whole = (part: ChainPart): ChainPart =>
    share === 0
      ? part
      : {
          ...part,
          rating: part.rating / (1 - share),
          how: message('chain.byAxles', {
            rating: { kind: 'amount', unit: 'kg', value: part.rating, rounding: 'nearest' },
            share: percent(share),
          }),
        };
  return [
    ...partsFrom(loads, 'trailerMax', ['trailer']),
    ...partsFrom(loads, 'trailerPartMax', ['trailer']),
    ...[...partsFrom(loads, 'axleGroupMax', ['trailer']), ...gearParts(loads, 'trailer', 'trailer')].map(whole),
  ];
}

/** What may hang behind the vehicle: its own limit, the parts it hangs from, and what their D-values allow. */
function towingParts(loads: Loads): ChainPart[] {
  const { trailer } = loads.view;
  const limit = trailer?.braked ? 'towBraked' : 'towUnbraked';
  return [
    ...partsFrom(loads, limit, ['vehicle']),
    ...partsFrom(loads, 'trailerPartMax', ['trailer']).filter((part) => part.name.key === 'plateSource.couplingHead'),
    ...(isFifthWheel(trailer) ? [] : dValueParts(loads)),
  ];
}

function dValueParts(loads: Loads): ChainPart[] {
  const [permitted] = heldFigures(loads.view, loads.view.vehicle, 'vehicleMax');
  if (!permitted) return [];
  return partsFrom(loads, 'dValueKn', ['vehicle', 'trailer']).flatMap((part) => {
    const rating = heaviestTrailer(part.rating, permitted.value);
    if (!Number.isFinite(rating)) return [];
    const d = { kind: 'amount', unit: 'kN', value: part.rating, rounding: 'nearest' } as const;
    return [{ ...part, rating, how: message('chain.byDValue', { d }) }];
  });
}

/** A powered axle: its plate and what stands between it and the road. */
const axleParts = (loads: Loads, axle: GearAxle): ChainPart[] => [
  ...partsFrom(loads, axleLimits[axle], ['vehicle']),
  ...gearParts(loads, 'vehicle', axle),
];

function gearParts(loads: Loads, side: Side, axle: GearAxle): ChainPart[] {
  const gear = loads.view[side]?.gear?.find((one) => one.axle === axle);
  if (!gear) return [];
  const tyres = gear.loadIndex === undefined ? null : tyreCapacity(gear.loadIndex, gear.twinned ?? false, gear.wheels);
  const named = (part: string, rating: number) => plain(`${axle}.${part}`, message(`gearPart.${part}`), rating);
  return [
    ...(tyres ? [named('tyres', tyres.capacity)] : []),
    ...(gear.wheelRating === undefined ? [] : [named('wheels', gear.wheelRating * gear.wheels)]),
    ...(gear.springRating === undefined ? [] : [named('springs', gear.springRating)]),
  ];
}
