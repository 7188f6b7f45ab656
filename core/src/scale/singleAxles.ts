import { weighedLoads, type WeighingLengths } from './weighedLoads.ts';
import type { Combination } from './combination.ts';

/** What each axle of a trailer's group carries when coupled, from the front, in terms of what a scale can settle; none of one axle. */
export function singleAxles(lengths: WeighingLengths, barsOn: boolean): readonly Combination[] {
  const { axles = 1 } = lengths.trailer ?? {};
  if (axles < 2) return [];
  const { axle1, axle2, axle3 } = weighedLoads(lengths, { state: 'coupled', bars: barsOn });
  return [axle1, axle2, axle3].slice(0, axles);
}
