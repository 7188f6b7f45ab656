import { binds } from '../checks/check.ts';
import { marginAfter } from '../limits/limitLine.ts';
import { moveCandidates, type MoveCandidate } from '../limits/loadMoves.ts';
import { withMove } from '../limits/withMove.ts';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import type { Compiled } from '../loads/compile.ts';
import { massTolerance } from '../units/rounding.ts';
import { stateLoads } from '../state/stateLoads.ts';
import type { PlannedAssessment } from '../verdict/assess.ts';
import { sideLoads } from './sideLoads.ts';

/** A move that makes left and right more alike. */
export interface SideMove extends MoveCandidate {
  /** kg by which the heavier end of the most uneven axle is relieved. */
  readonly evens: number;
}

/** kg: less is nothing one would carry a thing for. */
const noticeable = 2;
const tried = 60;

/** kg between the ends of the axle that is most uneven; null: nobody knows. */
const unevenness = (loads: Compiled): number | null =>
  sideLoads(loads).axles.reduce<number | null>((most, { ends }) => {
    const apart = ends && Math.abs(ends.left.load - ends.right.load);
    return apart === null ? most : Math.max(most ?? 0, apart);
  }, null);

/** What would even out left and right without passing a limit that is kept, the most first; things to places on the other side. */
export function sideMoves({ loads, checks }: PlannedAssessment): readonly SideMove[] {
  const { view } = loads;
  const before = unevenness(loads);
  if (before === null || before < noticeable) return [];
  return moveCandidates(view, ['vehicle', 'trailer'])
    .filter((move) => crosses(view, move))
    .sort((a, b) => b.mass - a.mass)
    .slice(0, tried)
    .flatMap((move): readonly SideMove[] => {
      const passes = checks.some((check) => {
        if (!binds(check) || check.margin === null) return false;
        const left = marginAfter(check, move.shifts) ?? check.margin;
        return left < -massTolerance && left < check.margin - massTolerance;
      });
      if (passes) return [];
      const after = unevenness(stateLoads({ ...view, loadout: withMove(view.loadout, move) }));
      const evens = after === null ? 0 : (before - after) / 2;
      return evens >= noticeable / 2 ? [{ ...move, evens }] : [];
    })
    .sort((a, b) => b.evens - a.evens);
}

/** A thing that would lie further to the other side than it does. */
function crosses(view: RigView, { kind, id, leaves, body, to }: MoveCandidate): boolean {
  if (kind !== 'thing' || !to) return false;
  const yOf = (of: string, place: string | undefined) =>
    placedBodies(view)
      .find((one) => one.body.id === of)
      ?.body.places.find((one) => one.id === place)?.y;
  const lies = view.loadout.placements.find((one) => one.thing === id && one.body === body && one.place === leaves);
  const [from, then] = [lies?.y ?? yOf(body, leaves), yOf(to.body, to.place)];
  return from !== undefined && then !== undefined && from * then <= 0 && from !== then;
}
