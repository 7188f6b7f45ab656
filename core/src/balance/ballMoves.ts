import { tankLevel } from '../loading/tankLevel.ts';
import { marginAfter, type Shift } from '../limits/shift.ts';
import { tankContents } from '../loading/loadoutLoads.ts';
import type { Placement } from '../loading/loadout.ts';
import { mayGo, placedMass, placedX } from '../loading/placed.ts';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import type { Place } from '../rig/equipment.ts';
import { binds, type Check } from '../checks/check.ts';
import { influenceAt } from '../statics/row.ts';
import type { Side } from '../statics/pointLoad.ts';
import type { Assessment } from '../verdict/assess.ts';
import { ballTarget, goalOf, type BallTarget } from './ballTarget.ts';
import { inertiaPerKg } from './yawInertia.ts';

/** One thing to do. `fraction` is the level a tank would have, `to` the place a thing would go; null: it stays at home. */
export interface BallMove {
  /** A thing that is turned stays where it is, its heavy end the other way. */
  readonly kind: 'tank' | 'thing' | 'turn';
  readonly id: string;
  readonly name: string;
  readonly body: string;
  readonly from: string;
  readonly to: { readonly body: string; readonly place: string; readonly name: string } | null;
  readonly fraction?: number;
  /** Load on the coupling, axles of the vehicle and of the trailer: kg more than now. */
  readonly ball: number;
  readonly front: number;
  readonly rear: number;
  readonly axles: number;
  /** kg·m² about the trailer's axle more than now. */
  readonly inertia: number;
  /** Brings the load into the band, and under every limit on it. */
  readonly reaches: boolean;
  /** Breaks a limit that is kept now, or breaks one further. */
  readonly breaks: Check | null;
}

/** A change of where mass lies, before it is judged. */
type Candidate = Pick<BallMove, 'kind' | 'id' | 'name' | 'body' | 'from' | 'to' | 'fraction'> & {
  readonly shifts: readonly Shift[];
};

const noticeable = 0.5;

/**
 * What would bring the load on the coupling right, the best first. First what gets into the band, breaks no limit and does not
 * make the trailer swing more; then what comes nearest. What breaks a limit is left out, and a move that loads the tail is
 * never first.
 */
export function ballMoves(assessment: Assessment): readonly BallMove[] {
  const target = ballTarget(assessment);
  if (!target) return [];
  const goal = goalOf(target);
  const off = (move: BallMove) => Math.max(0, goal.from - (target.now + move.ball), target.now + move.ball - goal.to);
  const before = Math.max(0, goal.from - target.now, target.now - goal.to);
  return candidates(assessment.loads.view)
    .map((candidate) => judged(assessment, target, candidate))
    .filter((move) => move.breaks === null && Math.abs(move.ball) > noticeable && off(move) < before - noticeable)
    .sort((a, b) => Number(swings(a)) - Number(swings(b)) || off(a) - off(b) || effort(a) - effort(b));
}

const swings = (move: BallMove): boolean => move.inertia > noticeable;
const effort = (move: BallMove): number => Math.abs(move.ball);

function judged({ loads, checks }: Assessment, target: BallTarget, candidate: Candidate): BallMove {
  const { shifts, ...said } = candidate;
  const { values, lengths } = loads;
  const change = (name: keyof typeof values) => {
    const value = values[name];
    return value.kind === 'known'
      ? shifts.reduce((sum, { side, x, mass }) => sum + mass * influenceAt(value.row, side, x), 0)
      : 0;
  };
  const about = lengths.trailer?.axlePosition ?? 0;
  const goal = goalOf(target);
  const ball = change('ballLoad');
  const after = target.now + ball;
  const breaks = checks.find((check) => {
    if (!binds(check) || check.margin === null) return false;
    const left = marginAfter(check, shifts) ?? check.margin;
    const own = check.place ? roomTaken(check, candidate) : 0;
    return left - own < -1e-6 && left - own < check.margin - 1e-6;
  });
  return {
    ...said,
    ball,
    front: change('frontAxle'),
    rear: change('rearAxle'),
    axles: change('trailerAxles'),
    inertia: shifts
      .filter(({ side }) => side === 'trailer')
      .reduce((sum, { x, mass }) => sum + mass * inertiaPerKg(x, about), 0),
    reaches: after >= goal.from - 1e-6 && after <= goal.to + 1e-6,
    breaks: breaks ?? null,
  };
}

/** A rated place takes the whole mass of what is put into it. */
function roomTaken(check: Check, { kind, to, shifts }: Candidate): number {
  if (kind !== 'thing' || !to || check.place?.body !== to.body || check.place.place !== to.place) return 0;
  return shifts[0]?.mass ?? 0;
}

const candidates = (view: RigView): readonly Candidate[] => [...tankCandidates(view), ...thingCandidates(view)];

function tankCandidates(view: RigView): readonly Candidate[] {
  return placedBodies(view).flatMap(({ body, side, offset }) =>
    body.tanks.flatMap((tank): readonly Candidate[] => {
      const level = tankLevel(view.loadout, body.id, tank.id);
      if (side !== 'trailer' || offset === null || tank.x === undefined || tank.kind === 'gas') return [];
      const x = offset + tank.x;
      return [0, 0.5, 1].flatMap((fraction): readonly Candidate[] => {
        const change = difference(tankContents(tank, fraction), tankContents(tank, level));
        // Waste is emptied, never filled for balance.
        if (change === null || Math.abs(change) < noticeable || (change > 0 && tank.kind !== 'fresh')) return [];
        const shifts = [{ side, x, mass: change }];
        return [{ kind: 'tank', id: tank.id, name: tank.name, body: body.id, from: '', to: null, fraction, shifts }];
      });
    }),
  );
}

const difference = (a: number | null, b: number | null): number | null => (a === null || b === null ? null : a - b);

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

function thingCandidates(view: RigView): readonly Candidate[] {
  const spots = placedBodies(view).flatMap(({ body, side, offset }): readonly Spot[] =>
    body.places.flatMap((place) =>
      place.x === undefined || offset === null
        ? []
        : [{ side, body: body.id, place: place.id, name: place.name, x: offset + place.x, middle: place.x, is: place }],
    ),
  );
  return view.loadout.placements.flatMap((placement): readonly Candidate[] => {
    const thing = view.things.get(placement.thing);
    const here = spots.find((spot) => spot.body === placement.body && spot.place === placement.place);
    if (!thing || here?.side !== 'trailer') return [];
    const mass = placedMass(thing, placement);
    const at = (how: Placement, spot: Spot) => spot.x - spot.middle + (placedX(thing, how, spot.is) ?? spot.middle);
    const away = { side: here.side, x: at(placement, here), mass: -mass };
    const base = { kind: 'thing', id: thing.id, name: thing.name, body: here.body, from: here.name } as const;
    const loose = { ...placement, x: undefined };
    const turned = { ...placement, turned: !placement.turned };
    return [
      { ...base, to: null, shifts: [away] },
      ...(thing.heavyEnd
        ? [{ ...base, kind: 'turn', to: null, shifts: [{ side: here.side, x: at(turned, here), mass }, away] } as const]
        : []),
      ...spots
        .filter((spot) => spot !== here && mayGo(thing, spot.is))
        .map((spot): Candidate => ({
          ...base,
          to: spot,
          shifts: [{ side: spot.side, x: at(loose, spot), mass }, away],
        })),
    ];
  });
}
