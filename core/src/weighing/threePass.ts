import type { RigView } from '../loading/rigView.ts';
import { fullRestoration, gravity } from '../statics/distribution.ts';
import { effectiveOverhang } from '../statics/rigRows.ts';
import { sumOf, type Combination } from '../scale/combination.ts';
import { slipPicture } from './measured.ts';
import type { StandKey } from '../scale/stands.ts';
import type { Ticket } from '../loading/ticket.ts';
import { weighedLoads, type WeighingLengths } from '../scale/weighedLoads.ts';
import type { Settled } from './weighedSides.ts';

/** What a setting of the bars would come to. kg; the couple in N·m. */
interface BarSetting {
  /** Share of what the coupling took off the front axle that it puts back. */
  readonly share: number;
  readonly couple: number;
  readonly front: number;
  readonly rear: number;
  readonly trailer: number;
  /** How many times the tension weighed; null: nothing was weighed with the bars on. */
  readonly times: number | null;
}

/** A distribution hitch as three passes over a weighbridge show it: vehicle alone, coupled with bars off, coupled with bars on. */
export interface ThreePass {
  readonly front: { readonly alone: Settled | null; readonly off: Settled | null; readonly on: Settled | null };
  readonly rear: { readonly off: Settled | null; readonly on: Settled | null };
  readonly trailer: { readonly off: Settled | null; readonly on: Settled | null };
  /** N·m. */
  readonly couple: Settled | null;
  /** Share of the front axle's loss that the bars put back. */
  readonly restored: Settled | null;
  /** What the bars put on the trailer's axles and take off the coupling, kg. */
  readonly ontoTrailer: Settled | null;
  readonly settings: readonly BarSetting[];
  /** The passes still to be weighed. */
  readonly missing: readonly (StandKey | 'rigFrontBars')[];
}

/** Schools of setting the bars: put back all, or half; nothing is the rig without them. */
const barShares = [0, 0.5, 1] as const;

/** @returns null where there is no ball coupling between two bodies */
export function threePass(view: RigView, ticket: Ticket): ThreePass | null {
  if (!view.vehicle || !view.trailer || view.trailer.coupling === 'fifthWheel') return null;
  const { lengths, estimate } = slipPicture(view, ticket);
  const alone = weighedLoads(lengths, { state: 'uncoupled' });
  const off = weighedLoads(lengths, { state: 'coupled' });
  const on = weighedLoads(lengths, { state: 'coupled', bars: true });
  const lost = estimate(sumOf([1, alone.front], [-1, off.front]));
  const back = estimate(sumOf([1, on.front], [-1, off.front]));
  const tau = estimate({ tau: 1 });
  const of = (combination: Combination) => estimate(combination);
  const frontOn = of(on.front);
  return {
    front: { alone: of(alone.front), off: of(off.front), on: frontOn },
    rear: { off: of(off.rear), on: of(on.rear) },
    trailer: { off: of(off.trailer), on: of(on.trailer) },
    couple: tau && { value: tau.value * gravity, se: tau.se * gravity },
    restored: lost && back && Math.abs(lost.value) > 2 * lost.se ? ratio(back, lost) : null,
    ontoTrailer: of(sumOf([1, on.trailer], [-1, off.trailer])),
    settings: settingsOf(view, lengths, estimate, tau),
    missing: [
      ...(of(alone.front) ? [] : (['soloFront'] as const)),
      ...(of(off.front) ? [] : (['rigFront'] as const)),
      ...(frontOn ? [] : (['rigFrontBars'] as const)),
    ],
  };
}

/** First order, as if the two were independent: on the wide side, since both lean on the same pass. */
const ratio = (a: Settled, b: Settled): Settled => ({
  value: a.value / b.value,
  se: Math.hypot(a.se / b.value, (a.value * b.se) / b.value ** 2),
});

function settingsOf(
  view: RigView,
  lengths: WeighingLengths,
  estimate: (of: Combination) => Settled | null,
  tau: Settled | null,
): readonly BarSetting[] {
  const overhang = effectiveOverhang(lengths);
  const axles = view.trailer?.geometry.axlePosition;
  const ball = estimate({ B: 1 });
  if (overhang === undefined || axles === undefined || !ball) return [];
  const full = fullRestoration(overhang, axles) * ball.value;
  const loads = weighedLoads(lengths, { state: 'coupled', bars: true });
  /** The same equations with the couple of the setting in place of the one weighed. */
  const at = (of: Combination, couple: number) => {
    const { tau: lever = 0, ...rest } = of;
    const free = estimate(rest);
    return free ? free.value + lever * couple : null;
  };
  return barShares.flatMap((share): readonly BarSetting[] => {
    const couple = share * full;
    const [front, rear, trailer] = [at(loads.front, couple), at(loads.rear, couple), at(loads.trailer, couple)];
    if (front === null || rear === null || trailer === null) return [];
    const times = tau && tau.value > 0 ? couple / tau.value : null;
    return [{ share, couple: couple * gravity, front, rear, trailer, times }];
  });
}
