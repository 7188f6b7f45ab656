import { leavesOpen, type Check } from '../checks/check.ts';
import type { Assessment } from './assess.ts';
import { toFindOut, type ToFindOut } from './findOut.ts';
import { mustLeave, type MustLeave } from './mustLeave.ts';
import { remedies, type Remedy } from './remedies.ts';
import { overChecks } from './whatIsOver.ts';

/** The stations of the owner's order that something is still to be done at. */
type NextStation = 'plates' | 'load' | 'weigh' | 'card';

/** The one thing that is sensible to do now. */
export type NextStep =
  | { readonly kind: 'mend'; readonly check: Check; readonly remedy: Remedy }
  | { readonly kind: 'look'; readonly check: Check; readonly leave: MustLeave | null }
  | { readonly kind: 'find'; readonly fact: ToFindOut }
  | { readonly kind: 'go'; readonly to: NextStation };

/**
 * The smallest mend of the worst excess, or how many kg must go where no single thing does it; else the fact that settles most for its
 * minutes, else the next thing of the owner's order: plates, things, a weighing, the card for the road.
 * @param slips how many weighings are kept
 */
export function nextStep(assessment: Assessment, slips: number): NextStep {
  const { checks, loads } = assessment;
  const over = overChecks(assessment);
  for (const check of over) {
    const [remedy] = remedies(assessment, check);
    if (remedy) return { kind: 'mend', check, remedy };
  }
  const [worst] = over;
  if (worst) return { kind: 'look', check: worst, leave: mustLeave(assessment, worst) };
  const { vehicle, trailer, loadout } = loads.view;
  const read = [vehicle, trailer].some((body) => body?.plates.some(({ figures }) => figures.length > 0));
  if (!read) return { kind: 'go', to: 'plates' };
  const open = checks.some(leavesOpen);
  const [fact] = open ? toFindOut(assessment) : [];
  if (fact) return { kind: 'find', fact };
  const said = (loadout.said ?? []).length > 0;
  if (loads.from !== 'slip' && !said && loadout.placements.length + loadout.crew.length === 0)
    return { kind: 'go', to: 'load' };
  return { kind: 'go', to: slips === 0 ? 'weigh' : 'card' };
}
