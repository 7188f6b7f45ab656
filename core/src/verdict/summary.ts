import { placedBodies } from '../loading/rigView.ts';
import { binds, leavesOpen } from '../checks/check.ts';
import type { Assessment } from './assess.ts';

/** How far each station is settled, for the route line. */
export interface Summary {
  readonly figuresRead: number;
  /** Checks that must be judged and cannot be yet. */
  readonly undecided: number;
  readonly thingsOnBoard: number;
  readonly over: number;
  readonly tight: number;
}

/** Counts of figures, unknowns, things and limits, for the route line and the list of rigs. */
export function summary({ loads, checks }: Assessment): Summary {
  const { loadout } = loads.view;
  const figures = placedBodies(loads.view).flatMap(({ body }) => body.plates.flatMap((plate) => plate.figures));
  const ruling = checks.filter(binds);
  return {
    figuresRead: figures.length,
    undecided: checks.filter(leavesOpen).length,
    thingsOnBoard: loadout.placements.reduce((sum, placement) => sum + placement.count, 0),
    over: ruling.filter((check) => check.status === 'over').length,
    tight: ruling.filter((check) => check.status === 'tight').length,
  };
}
