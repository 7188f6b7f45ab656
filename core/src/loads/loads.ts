import type { Missing } from '../rig/missing.ts';
import type { RigView } from '../loading/rigView.ts';
import type { LengthEffect } from '../statics/pointLoad.ts';
import type { QuantityName, RigLengths } from '../statics/rigRows.ts';
import type { Row } from '../statics/row.ts';

/**
 * Why a known mass lets nothing pass all the same: nobody knows how the rig was loaded when it was weighed, or something was weighed
 * that nobody listed and that may lie just there, or that may not be on board as it is loaded now; or two figures
 * of one body, or readings of a slip, that cannot both be right.
 */
export type OpenBy = 'loadState' | 'unlisted' | 'unlistedAboard' | 'figures' | 'contradiction';

/**
 * A mass in kg with one standard deviation, or what is missing to know it, or nothing where the rig has no such mass.
 * `contradicted`: it rests on readings that cannot all be right, so that it lets nothing pass.
 */
export type Mass =
  | {
      readonly kind: 'known';
      readonly value: number;
      readonly sigma: number;
      readonly contradicted?: boolean;
      readonly open?: OpenBy;
    }
  | {
      readonly kind: 'unknown';
      readonly missing: readonly Missing[];
      /** No less than this, kg: a part of it that is known. */
      readonly atLeast?: { readonly value: number; readonly sigma: number };
    }
  | { readonly kind: 'absent' };

/** Something taken as is usual, and what it adds to the variance of a load, kg². */
export interface TypicalPart {
  readonly missing: Missing;
  readonly variance: number;
}

/** A load that changes with what is put anywhere on the rig: its row says by how much. `sigma` contains what its lengths do. */
export type Value =
  | (Extract<Mass, { readonly kind: 'known' }> & {
      readonly row: Row;
      readonly lengths?: readonly LengthEffect[];
      /** What of it was taken as is usual, the most doubtful first; undefined: nothing. */
      readonly typical?: readonly TypicalPart[];
      /** What it is by other ways to take what is known, and what would tell which; left out: there is one way. */
      readonly otherwise?: { readonly values: readonly number[]; readonly open: OpenBy };
    })
  | Exclude<Mass, { readonly kind: 'known' }>;

/** A body with nothing in it, and what was fitted to it since; kg. What is missing keeps both from being known. */
export interface BodyMass {
  readonly bare: number;
  readonly fitted: number;
  readonly missing: readonly Missing[];
}

/**
 * All that a rule, a verdict or a screen may ask about the loads of a rig, wherever they come from: `compile` answers from
 * the plan, `weighedOn` from a slip. Neither makes up what it does not know, so that the two agree wherever both know.
 */
export interface Loads {
  readonly from: 'plan' | 'slip' | 'state';
  readonly view: RigView;
  readonly lengths: RigLengths;
  readonly values: Readonly<Record<QuantityName, Value>>;
  /** What each axle of the trailer's group carries, coupled, from the front; none where no scale told them apart. */
  readonly singleAxles: readonly Mass[];
  /** What each body weighs by itself, by its id: of its papers or a weighing of its own, whatever a slip says of the rig. */
  readonly bodies: Readonly<Record<string, BodyMass>>;
  /**
   * One load less so many times another: the ball load less 4 % of the trailer. kg with the ± of the difference; unknown
   * where either is, since a share of an unknown is unknown.
   */
  readonly lessTimes: (load: QuantityName, times: number, of: QuantityName) => Value;
  /** kg of a body with everything in and on it; absent where it can only be judged by its axles. */
  readonly laden: (body: string) => Mass;
  /** kg of people, things, liquids but fuel, and parts fitted since in and on a body; absent where nobody listed them: on a slip. */
  readonly carried: (body: string) => Mass;
  /** kg in one place of a body; absent where nobody looked into it: a scale does not. */
  readonly inPlace: (body: string, place: string) => Mass;
}

/** Nothing follows from a number that is none: what is not finite is unknown. */
export function unreckonable({ vehicle, trailer, rig }: RigView): Missing {
  const body = vehicle ?? trailer;
  return { code: 'reckoning', body: body?.id ?? rig.id, bodyName: body?.name ?? rig.name };
}
