import type { Combination } from '../scale/combination.ts';
import type { PointLoad, Side } from '../statics/pointLoad.ts';
import { changesBetween, effectOn, effectsOf } from './changes.ts';
import { atBest, sigmaOf, sumKnown, type Known } from './known.ts';
import { ofEnds, type BodyState } from './bodyLoads.ts';
import { bodyCombinations, rowOf, sinceThen, today, type Levers, type Slip } from './slipToday.ts';

/** What a slip found on a body that its list does not have: kg, either sign. */
export interface UnlistedMass {
  readonly side: Side;
  readonly kg: Known;
  /** What of it rests on the body's far end; null: the slip did not tell its ends apart. */
  readonly far: Known | null;
  /** Which slip found it. */
  readonly slip: number;
}

/** The list of a body as it was on a slip: every mass and every place of it is known. */
export type ListedOn = (slip: number, side: Side) => readonly PointLoad[] | null;

/** What a slip weighed of a body (or of a part of its loads) less what was listed; null where it did not weigh it, or the list has gaps. */
export function unlistedOf(
  side: Side,
  at: number,
  slip: Slip,
  listed: readonly PointLoad[],
  levers: Levers,
  of: Combination = bodyCombinations[side].sum,
): Known | null {
  const row = rowOf(of, levers);
  const weighed = today({ ...slip, changes: [] }, at, of, row, levers);
  const sum = effectOn(effectsOf(changesBetween([], listed), levers.reaches), row);
  return (
    weighed &&
    sum &&
    sumKnown([
      [1, weighed],
      [-1, planned(sum)],
    ])
  );
}

const planned = (sum: { readonly value: number; readonly doubts: Known['doubts'] }): Known => ({
  ...sum,
  by: 'weighed',
  slips: new Set(),
  contradicted: false,
  unsure: false,
});

/**
 * How a body lies whose mass was weighed and whose list says where things are: what nobody listed lies anywhere in its reach. A
 * listed thing's own ± acts at its distance from there, since what nobody listed takes its error back.
 */
export function underTotal(
  side: Side,
  body: BodyState,
  slips: readonly Slip[],
  listedOn: ListedOn,
  levers: Levers,
): BodyState {
  const { sum } = body;
  const reach = levers.reaches[side];
  const at = sum ? Math.max(...sum.slips) : -1;
  const slip = slips[at];
  const listed = slip && listedOn(at, side);
  if (!sum || body.near || body.far || !reach || !slip || !listed) return body;
  const of = bodyCombinations[side].near;
  const row = rowOf(of, levers);
  const unlisted = unlistedOf(side, at, slip, listed, levers);
  const lies = effectOn(effectsOf(changesBetween([], listed), levers.reaches), row);
  const since = effectOn(sinceThen(slip, levers), row);
  const part = row[side];
  if (!part || !unlisted || !lies || !since) return body;
  const middle = (reach.from + reach.to) / 2;
  const wide = (reach.to - reach.from) / 2 / Math.sqrt(3);
  const near = sumKnown([
    [1, planned(lies)],
    [part.at0 + part.perMetre * middle, unlisted],
    [1, planned(since)],
  ]);
  const doubts = new Map(near.doubts).set(`unlisted ${side}`, unlisted.value * part.perMetre * wide);
  const placed: Known = atBest({ ...near, doubts }, 'listed');
  return {
    ...ofEnds(
      placed,
      atBest(
        sumKnown([
          [1, sum],
          [-1, placed],
        ]),
        'listed',
      ),
    ),
    sum,
  };
}

/** Whether what was found is more than chance. */
export const noticeable = (kg: Known): boolean => Math.abs(kg.value) > 2 * sigmaOf(kg);
