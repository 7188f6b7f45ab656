import type { CrewMember, Placement, Thing } from '../loading/loadout.ts';
import type { Jurisdiction } from '../situation/situation.ts';

/** One tank of one body. */
export interface TankOf {
  readonly body: string;
  readonly tank: string;
}

/** What is used up on the way: the contents of a tank, or a thing that is eaten. */
export type Consumable = TankOf | { readonly food: Thing['id'] };

/** So much that goes from one store to another (L; gas and food kg); from nowhere it comes aboard, to nowhere it is used up. */
export interface Flow {
  readonly from: Consumable | null;
  readonly to: Consumable | null;
  readonly amount: number;
}

/** What changes at a stop, all at once. */
export interface StopChange {
  /** How full a tank is afterwards, 0 to 1. */
  readonly set?: readonly (TankOf & { readonly fraction: number })[];
  /** What comes aboard, each with where it lies. */
  readonly bring?: readonly { readonly thing: Thing; readonly placement: Placement }[];
  /** Things that go, by what they are: all pieces of them. */
  readonly leave?: readonly Thing['id'][];
  readonly join?: readonly CrewMember[];
  readonly part?: readonly CrewMember['id'][];
  /** Whether the trailer stays behind, or is fetched where it was left. */
  readonly trailer?: 'left' | 'fetched';
  /** Another place whose rules count from here on, and the day. */
  readonly where?: { readonly travel: Jurisdiction; readonly date?: string | undefined };
}

/** A stretch on which stores go evenly, or a stop at which something changes at once. */
export type RoadEvent =
  | {
      readonly id: string;
      readonly kind: 'flow';
      readonly flows: readonly Flow[];
      /** The day it is when the stretch is over, where nights passed. */
      readonly until?: string | undefined;
    }
  | { readonly id: string; readonly kind: 'stop'; readonly change: StopChange };
