import type { CrewMember, Placement, Thing } from '../loading/loadout.ts';

/** One tank of one body. */
export interface TankOf {
  readonly body: string;
  readonly tank: string;
}

/** Litres that go from one tank to another; from nowhere they come aboard, to nowhere they are used up. */
export interface Flow {
  readonly from: TankOf | null;
  readonly to: TankOf | null;
  readonly litres: number;
}

/** What changes at a stop, all at once. */
export interface StopChange {
  /** How much is in a tank afterwards, L. */
  readonly set?: readonly (TankOf & { readonly litres: number })[];
  /** What comes aboard, each with where it lies. */
  readonly bring?: readonly { readonly thing: Thing; readonly placement: Placement }[];
  /** Things that go, by what they are: all pieces of them. */
  readonly leave?: readonly Thing['id'][];
  readonly join?: readonly CrewMember[];
  readonly part?: readonly CrewMember['id'][];
}

/** A stretch on which liquids go evenly, or a stop at which something changes at once. */
export type RoadEvent =
  | { readonly id: string; readonly kind: 'flow'; readonly flows: readonly Flow[] }
  | { readonly id: string; readonly kind: 'stop'; readonly change: StopChange };
