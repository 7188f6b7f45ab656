import type { Body } from '../rig/body.ts';
import { massTolerance } from '../units/rounding.ts';
import { emptyLoads } from './emptyLoads.ts';
import { rigLengths } from './rigLengths.ts';
import type { RigView } from './rigView.ts';
import { listedOn } from './said.ts';
import { saidOf } from './saidOf.ts';

/** Two figures of one body that cannot both be right, kg: what is said of all of it, and what it cannot weigh less than. */
export interface SaidAgainst {
  readonly kind: 'belowEmpty' | 'belowListed';
  readonly said: number;
  readonly other: number;
}

/**
 * A total that is said beside the body's empty figure and beside what is listed on it: laden it weighs no less than either, give or take
 * what each is known to. null: nothing is said, or nothing contradicts it.
 */
export function saidAgainst(view: RigView, body: Body): SaidAgainst | null {
  const said = view.supposed ? undefined : saidOf(view, body);
  if (said?.total === undefined) return null;
  const most = said.total + (said.totalPlusMinus ?? 0) + massTolerance;
  const { total: empty, plusMinus = 0 } = body.emptyMass ?? {};
  // A figure in running order contains people, fuel or water that need not be on board.
  const bare = emptyLoads(view, body, rigLengths(view)).loads.reduce((sum, { mass }) => sum + mass, 0);
  if (empty !== undefined && most < bare - plusMinus) return { kind: 'belowEmpty', said: said.total, other: empty };
  const listed = said.listed ?? listedOn(view, body);
  return most < listed ? { kind: 'belowListed', said: said.total, other: listed } : null;
}

/** The rig by its papers where what is said of a body contradicts them; null where nothing does. */
export function byItsPapers(view: RigView): RigView | null {
  const { vehicle, trailer, loadout } = view;
  const wrong = [vehicle, trailer].flatMap((body) => (body && saidAgainst(view, body) ? [body.id] : []));
  if (wrong.length === 0) return null;
  const said = loadout.said?.map((one) =>
    wrong.includes(one.body) ? { ...one, total: undefined, totalPlusMinus: undefined, listed: undefined } : one,
  );
  return { ...view, loadout: { ...loadout, said } };
}
