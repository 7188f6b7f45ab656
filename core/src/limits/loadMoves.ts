import type { Placement } from '../loading/loadout.ts';
import { tankContents } from '../loading/tankContents.ts';
import { placedMass, placedX } from '../loading/placed.ts';
import { maySend, wishFor } from '../loading/placing.ts';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import { tankLevel } from '../loading/tankLevel.ts';
import type { Place } from '../rig/equipment.ts';
import type { Side } from '../statics/pointLoad.ts';
import type { Shift } from './limitLine.ts';

/** One thing to do with what is on board. `fraction` is the level a tank would have, `to` where a thing would go; null: home. */
export interface LoadMove {
  /** A thing that is turned stays where it is, its heavy end the other way; on a seat somebody sits. */
  readonly kind: 'tank' | 'thing' | 'turn' | 'seat';
  readonly id: string;
  readonly name: string;
  readonly body: string;
  readonly from: string;
  readonly to: { readonly body: string; readonly place: string; readonly name: string } | null;
  readonly fraction?: number;
  /** Of a thing the place it leaves; left out: wherever it lies, all of it. */
  readonly leaves?: string;
  /** So many of several; left out: all that lie there. */
  readonly count?: number;
}

/** A move with where mass goes by it, before it is judged. */
export interface MoveCandidate extends LoadMove {
  readonly shifts: readonly Shift[];
  /** kg that are handled. */
  readonly mass: number;
}

/** kg: less makes no difference worth the trouble. */
const noticeable = 0.5;

/** What would change if everything on these sides of the rig were put elsewhere, one thing at a time, as it may be and as its owner wants it. */
export const moveCandidates = (view: RigView, sides: readonly Side[]): readonly MoveCandidate[] => [
  ...tankCandidates(view, sides),
  ...thingCandidates(view, sides),
];

/** A tank brought to a level; null where its contents are not known, or it is so full already. */
export function tankMove(
  view: RigView,
  tank: { readonly body: string; readonly id: string },
  fraction: number,
): MoveCandidate | null {
  const placed = placedBodies(view).find(({ body }) => body.id === tank.body);
  const one = placed?.body.tanks.find(({ id }) => id === tank.id);
  if (!placed || !one || one.x === undefined || placed.offset === null) return null;
  const [then, now] = [tankContents(one, fraction), tankContents(one, tankLevel(view, tank.body, tank.id))];
  if (then === null || now === null || Math.abs(then - now) < noticeable) return null;
  const shifts = [{ side: placed.side, body: tank.body, x: placed.offset + one.x, mass: then - now }];
  const { id, name } = one;
  return { kind: 'tank', id, name, body: tank.body, from: '', to: null, fraction, shifts, mass: Math.abs(then - now) };
}

function tankCandidates(view: RigView, sides: readonly Side[]): readonly MoveCandidate[] {
  return placedBodies(view).flatMap(({ body, side }) =>
    body.tanks.flatMap((tank): readonly MoveCandidate[] => {
      if (!sides.includes(side) || tank.kind === 'gas' || tank.kind === 'fuel') return [];
      return [0, 0.5, 1].flatMap((fraction): readonly MoveCandidate[] => {
        const move = tankMove(view, { body: body.id, id: tank.id }, fraction);
        // Waste is emptied, never filled for balance.
        if (!move || ((move.shifts[0]?.mass ?? 0) > 0 && tank.kind !== 'fresh')) return [];
        return [move];
      });
    }),
  );
}

interface Spot {
  readonly side: Side;
  readonly body: string;
  readonly place: string;
  readonly name: string;
  readonly x: number;
  /** m, the place's middle on its own body. */
  readonly middle: number;
  readonly is: Place;
}

function thingCandidates(view: RigView, sides: readonly Side[]): readonly MoveCandidate[] {
  const spots = placedBodies(view).flatMap(({ body, side, offset }): readonly Spot[] =>
    body.places.flatMap((place) =>
      place.x === undefined || offset === null
        ? []
        : [{ side, body: body.id, place: place.id, name: place.name, x: offset + place.x, middle: place.x, is: place }],
    ),
  );
  const wish = view.loadout.packing ?? {};
  return view.loadout.placements.flatMap((placement): readonly MoveCandidate[] => {
    const thing = view.things.get(placement.thing);
    const how = wishFor(wish, placement.thing);
    if (how === 'stays') return [];
    const here = spots.find((spot) => spot.body === placement.body && spot.place === placement.place);
    if (!thing || !here || !sides.includes(here.side)) return [];
    const mass = placedMass(thing, placement);
    const at = (how: Placement, spot: Spot) => spot.x - spot.middle + (placedX(thing, how, spot.is) ?? spot.middle);
    const lying = (spot: Spot, how: Placement, kg: number): Shift => ({
      side: spot.side,
      body: spot.body,
      place: spot.place,
      x: at(how, spot),
      mass: kg,
    });
    const away = lying(here, placement, -mass);
    const base = { id: thing.id, name: thing.name, body: here.body, from: here.name, mass, leaves: here.place };
    const loose = { ...placement, x: undefined };
    const turned = { ...placement, turned: !placement.turned };
    return [
      ...(how === 'comes' ? [] : [{ ...base, kind: 'thing', to: null, shifts: [away] } as const]),
      ...(thing.heavyEnd
        ? [{ ...base, kind: 'turn', to: null, shifts: [lying(here, turned, mass), away] } as const]
        : []),
      ...spots
        .filter((spot) => spot !== here && maySend(thing, here, spot, wish))
        .map((spot): MoveCandidate => ({
          ...base,
          kind: 'thing',
          to: spot,
          shifts: [lying(spot, loose, mass), away],
        })),
    ];
  });
}
