import { agree, agreeing, composed } from './agreeing.ts';
import type { Combination } from '../scale/combination.ts';
import type { Side } from '../statics/pointLoad.ts';
import type { PartRow } from '../statics/row.ts';
import { bodyFromSlips, filled, ofEnds, speaksOf, type BodyState } from './bodyLoads.ts';
import { sumKnown, type Known } from './known.ts';
import { ends, today, type Levers, type Slip } from './slipToday.ts';
import { underTotal, type ListedOn } from './underTotal.ts';

/** A load that is asked for: of what it is made, and what one kg on the rig does to it. */
export interface Asked {
  readonly of: Combination;
  readonly row: PartRow;
  /** How it is put together of the bodies' loads, and what stands there without any mass; left out: as `of` has it. */
  readonly made?: { readonly of: Combination; readonly fixed: number } | undefined;
}

/** What papers, list and what was said make of a body, as it is loaded now. */
type PlannedBodies = Readonly<Record<Side, BodyState>>;

/** The loads of the vehicle as it tows: front, rear, both; and the whole rig. */
export interface Towed {
  readonly near: Asked;
  readonly far: Asked;
  readonly sum: Asked;
  readonly all: Asked;
}

export interface Sources {
  /** Newest first; those of unknown load state after all others. */
  readonly slips: readonly Slip[];
  readonly levers: Levers;
  readonly listedOn: ListedOn;
  readonly planned: PlannedBodies;
  /** undefined: it tows nothing. */
  readonly towed?: Towed | undefined;
  /** Of slips that were coupled otherwise than the rig is now, the coupled loads as they stood there, by the slip's order. */
  readonly otherwise?: readonly { readonly slip: number; readonly asked: readonly Asked[] }[];
}

export interface BestEstimate {
  readonly bodies: Readonly<Record<Side, BodyState>>;
  /** A load from all that is known; null: it is not. */
  readonly of: (asked: Asked) => Known | null;
  /** No load that a slip settles contradicts the list. */
  readonly standing: boolean;
}

const sides = ['vehicle', 'trailer'] as const;

/**
 * One set of bodies' loads from slips, list and what was said, so that every sum agrees; and every load that is asked for, put
 * together of them, or from one slip that settles it where nothing newer speaks of a body in it.
 * @param asked the loads that one slip may settle although it does not settle the bodies
 */
export function bestEstimate(sources: Sources, asked: readonly Asked[]): BestEstimate {
  const { slips, levers, listedOn, planned, towed } = sources;
  const found = (side: Side): BodyState => {
    const weighed = underTotal(side, bodyFromSlips(side, slips, levers), slips, listedOn, levers);
    return weighed.sum ? weighed : withList(weighed, planned[side]);
  };
  const alone = { vehicle: found('vehicle'), trailer: found('trailer') };
  const coupled = towed ? [towed.near, towed.far, towed.sum] : [];
  const direct = new Map<Asked, Known | null>(
    asked.map((one) => [one, coupled.includes(one) ? null : directly(one, slips, levers)] as const),
  );
  if (towed) {
    const weighed = alone.trailer.far?.by === 'weighed' ? alone.trailer.far : null;
    const { near, far, sum } = towedFromSlips(towed, weighed, slips, levers);
    direct.set(towed.near, near).set(towed.far, far).set(towed.sum, sum);
    if (sum && weighed)
      direct.set(
        towed.all,
        sumKnown([
          [1, sum],
          [1, weighed],
        ]),
      );
  }
  // How it was coupled then says as much of the bodies as how it is coupled now.
  const otherwise = (sources.otherwise ?? []).flatMap(({ slip: at, asked: those }) => {
    const [slip, newer] = [slips[at], slips.slice(0, at)];
    if (!slip || newer.some((one) => sides.some((side) => speaksOf(side, one)))) return [];
    return those.flatMap(({ of, row }) => {
      const known = today(slip, at, of, row, levers);
      return known ? [{ of, known }] : [];
    });
  });
  const said = [...[...direct].flatMap(([{ of }, known]) => (known ? [{ of, known }] : [])), ...otherwise];
  const bodies = agreeing(alone, said);
  return {
    bodies,
    standing: sides.every((side) => alone[side].sum === null || bodies[side].sum !== null),
    of: (one) => madeOf(one, bodies) ?? (direct.has(one) ? (direct.get(one) ?? null) : directly(one, slips, levers)),
  };
}

/**
 * The vehicle as it is towed with, from coupled readings alone: its axles and both together, the newest slip first, until one speaks of
 * a body by itself. All of the rig weighed later says what the vehicle has of it.
 */
function towedFromSlips(towed: Towed, trailerAxles: Known | null, slips: readonly Slip[], levers: Levers): BodyState {
  let known: BodyState = { near: null, far: null, sum: null };
  for (const [at, slip] of slips.entries()) {
    const ask = ({ of, row }: Asked) => (slip.coupledAlike ? today(slip, at, of, row, levers) : null);
    const all = trailerAxles && !known.sum ? ask(towed.all) : null;
    if (all && trailerAxles)
      known = filled(known, {
        near: null,
        far: null,
        sum: sumKnown([
          [1, all],
          [-1, trailerAxles],
        ]),
      });
    known = filled(known, { near: ask(towed.near), far: ask(towed.far), sum: ask(towed.sum) });
    if ((known.near && known.far) || sides.some((side) => speaksOf(side, slip))) break;
  }
  return known;
}

/** From the newest slip that settles it, unless a newer one speaks of a body in it. */
function directly({ of, row }: Asked, slips: readonly Slip[], levers: Levers): Known | null {
  const within = sides.filter((side) => Object.values(ends[side]).some((name) => of[name]));
  for (const [at, slip] of slips.entries()) {
    const known = within.length < 2 || slip.coupledAlike ? today(slip, at, of, row, levers) : null;
    if (known) return known;
    if (within.length < 2 && slip.estimate(of)) return null;
    if (within.some((side) => speaksOf(side, slip))) return null;
  }
  return null;
}

/**
 * What the list says of a body that no slip weighed whole. Where a part of it was weighed and agrees, the list stands for the rest;
 * where not, the scale found something whose place nobody knows.
 */
function withList(weighed: BodyState, planned: BodyState): BodyState {
  const { near, far } = weighed;
  if (!near && !far) return planned;
  const [read, listed] = near ? [near, planned.near] : [far, planned.far];
  if (!read || !listed || !agree(read, listed)) return weighed;
  if (near) return planned.far ? ofEnds(near, planned.far) : weighed;
  return far && planned.near ? ofEnds(planned.near, far) : weighed;
}

function madeOf({ of, made }: Asked, bodies: Readonly<Record<Side, BodyState>>): Known | null {
  const found = composed(made?.of ?? of, bodies);
  return found && made && made.fixed !== 0 ? { ...found, value: found.value + made.fixed } : found;
}
