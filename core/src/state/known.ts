/** How a load is known, the strongest first: a scale; a list under a weighed total; papers, list and what was said. */
const layers = ['weighed', 'listed', 'planned'] as const;
export type Layer = (typeof layers)[number];

/**
 * A load with every doubt it rests on, first order: kg for one standard deviation of each source by its name, with its sign.
 * Sources do not hang together, so that sums and differences of what rests on the same ones keep their true ±.
 */
export interface Known {
  readonly value: number;
  readonly doubts: ReadonlyMap<string, number>;
  /** The weakest of its parts. */
  readonly by: Layer;
  /** The slips it rests on, by their order, the newest 0. */
  readonly slips: ReadonlySet<number>;
  /** It rests on readings that cannot all be right. */
  readonly contradicted: boolean;
  /** It rests on a slip of which nobody knows how the rig was loaded. */
  readonly unsure: boolean;
}

/** A sum of loads, each so many times. */
export function sumKnown(parts: readonly (readonly [times: number, of: Known])[]): Known {
  const doubts = new Map<string, number>();
  let value = 0;
  let by: Layer = 'weighed';
  const slips = new Set<number>();
  let contradicted = false;
  let unsure = false;
  for (const [times, of] of parts) {
    if (times === 0) continue;
    value += times * of.value;
    for (const [source, kg] of of.doubts) doubts.set(source, (doubts.get(source) ?? 0) + times * kg);
    if (layers.indexOf(of.by) > layers.indexOf(by)) by = of.by;
    for (const slip of of.slips) slips.add(slip);
    contradicted ||= of.contradicted;
    unsure ||= of.unsure;
  }
  return { value, doubts, by, slips, contradicted, unsure };
}

/** One standard deviation, kg. */
export const sigmaOf = ({ doubts }: Known): number => Math.hypot(...doubts.values());

/** The same load, known by no more than so much. */
export const atBest = (known: Known, by: Layer): Known => (known.by === 'weighed' ? { ...known, by } : known);
