import type { Mass } from '../loads/loads.ts';
import { singleAxles } from '../scale/singleAxles.ts';
import type { WeighingLengths } from '../scale/weighedLoads.ts';
import type { PartRow } from '../statics/row.ts';
import type { StateSlip } from './keptSlips.ts';
import { speaksOf } from './bodyLoads.ts';
import { sigmaOf, type Known } from './known.ts';
import { today, type Levers } from './slipToday.ts';

/** How a group shares what came since is not known; what came to the vehicle does not matter to it. */
const onGroup: PartRow = { vehicle: { at0: 0, perMetre: 0 }, trailer: null };

/** What each axle of a trailer's group carries by the newest slip that told them apart, as long as the trailer is loaded as it was then. */
export function singleAxlesToday(
  slips: readonly StateSlip[],
  lengths: WeighingLengths,
  barsOn: boolean,
  levers: Levers,
): readonly Mass[] {
  const each = singleAxles(lengths, barsOn);
  if (each.length === 0) return [];
  for (const [at, slip] of slips.entries()) {
    const found = each.flatMap((of) => today(slip, at, of, onGroup, levers) ?? []);
    if (found.length === each.length) return found.map(massOf);
    // A newer slip of this trailer that did not tell its axles apart knows better than an older one that did.
    if (speaksOf('trailer', slip)) break;
  }
  return [];
}

const massOf = (known: Known): Mass => ({
  kind: 'known',
  value: known.value,
  sigma: sigmaOf(known),
  ...(known.contradicted ? { contradicted: true } : {}),
  ...(known.unsure ? { open: 'loadState' } : {}),
});
