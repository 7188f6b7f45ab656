import type { RigView } from '../loading/rigView.ts';

/** Something on board that stays at home: which line of the loadout, and kg. */
export interface Left {
  readonly thing: string;
  readonly name: string;
  readonly body: string;
  readonly place: string;
  readonly mass: number;
}

/** Something that lies elsewhere then. kg */
export interface MovedOver {
  readonly name: string;
  readonly mass: number;
  readonly from: string;
  readonly to: string;
}

/** One way to keep every limit without a new plate: the rig as it is then, and what has to be done for it. */
export interface Way {
  readonly view: RigView;
  readonly left: readonly Left[];
  readonly moved: readonly MovedOver[];
  /** kg that are handled. */
  readonly mass: number;
  /** No less would do; otherwise time was up before that was known. */
  readonly proven: boolean;
}

/** The ways that are found by solving; null: there is none, or it did not become known in time. */
export interface SolvedWays {
  /** The least mass that stays at home, all else where it lies. */
  readonly leave: Way | null;
  /** The fewest things that lie elsewhere, nothing left at home. */
  readonly move: Way | null;
  /** The fewest things that go into a small trailer behind a vehicle that tows nothing. */
  readonly smallTrailer: Way | null;
}
