import type { RigView } from '../loading/rigView.ts';
import { slipPicture } from './measured.ts';
import type { Ticket } from '../loading/ticket.ts';
import { byDay, viewThen } from '../scale/viewThen.ts';

/** One scale over all its slips: by how much it shows more than the plan, as a share of the load. */
export interface ScaleRecord {
  readonly scale: string;
  readonly slips: number;
  /** Mean of (weighed − planned) / planned, weighted by how sure each is. */
  readonly share: number;
  /** One standard deviation of it, of the scale alone. */
  readonly se: number;
}

/** Two scales that weighed the same rig. */
export interface ScalePair {
  readonly lower: ScaleRecord;
  readonly higher: ScaleRecord;
  /** By which share of the load the lower one reads less, and its one standard deviation. */
  readonly share: number;
  readonly se: number;
  /** More than chance: one of the two reads wrong. */
  readonly differ: boolean;
}

const noticeable = 2;

/**
 * Scales against each other over time, each slip brought to one load state by the plan of its day: what was on board is
 * taken out, so a scale that reads short shows whatever was loaded. Only slips that kept their loadout and name their scale count.
 */
export function scaleHistory(view: RigView, tickets: readonly Ticket[]): readonly ScaleRecord[] {
  const seen = new Map<string, { share: number; se: number }[]>();
  for (const ticket of byDay(tickets)) {
    const scale = ticket.scale ?? ticket.place;
    const alone = ticket.readings.every((one) => one.scale === undefined || one.scale === ticket.scale);
    const found = ticket.loadout && scale !== undefined && alone ? against(view, ticket) : null;
    if (found && scale !== undefined) seen.set(scale, [...(seen.get(scale) ?? []), found]);
  }
  return [...seen].map(([scale, slips]) => {
    const weights = slips.map(({ se }) => 1 / se ** 2);
    const sum = weights.reduce((all, one) => all + one, 0);
    const share = slips.reduce((all, one, at) => all + one.share * (weights[at] ?? 0), 0) / sum;
    return { scale, slips: slips.length, share, se: 1 / Math.sqrt(sum) };
  });
}

/** Every two of them, the furthest apart first. */
export function scalePairs(records: readonly ScaleRecord[]): readonly ScalePair[] {
  return records
    .flatMap((one, at) =>
      records.slice(at + 1).map((other): ScalePair => {
        const [lower, higher] = one.share <= other.share ? [one, other] : [other, one];
        const share = higher.share - lower.share;
        const se = Math.hypot(lower.se, higher.se);
        return { lower, higher, share, se, differ: share > noticeable * se };
      }),
    )
    .sort((a, b) => b.share - a.share);
}

/** The heaviest total the slip settles, beside what the plan of its day says without anything that was found by weighing. */
function against(view: RigView, ticket: Ticket): { readonly share: number; readonly se: number } | null {
  const { planned, estimate } = slipPicture(
    view,
    ticket,
    viewThen(view, ticket, ({ foundBy }) => foundBy !== undefined),
  );
  const totals = [
    { of: { F: 1, R: 1, B: 1, G: 1 }, sides: ['vehicle', 'trailer'] },
    { of: { F: 1, R: 1 }, sides: ['vehicle'] },
    { of: { B: 1, G: 1 }, sides: ['trailer'] },
  ] as const;
  for (const { of, sides } of totals) {
    const known = sides.every((side) => view[side] && planned.massMissing[side].length === 0);
    const plan = sides.reduce((sum, side) => sum + planned.sums[side].mass, 0);
    const found = known ? estimate(of) : null;
    if (found && plan > 0) return { share: (found.value - plan) / plan, se: found.se / plan };
  }
  return null;
}
