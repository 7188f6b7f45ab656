/**
 * A linear combination of unknown loads, by their names. The unknowns: F and R, the axles of the vehicle by itself; B, the
 * ball load with bars off; G, the trailer's axles when coupled, bars off; tau, the couple of the bars in kg·m; for what was
 * read by side, by how much the left wheels bear more than half (`roll front` …); for what was read by axle, each axle of
 * the trailer but its last (`axle1 coupled` …). Where a length is not known, what would follow from it is an unknown of
 * its own.
 */
export type Combination = Readonly<Record<string, number>>;

/** The sum of combinations, each so many times; what cancels is not in it. */
export function sumOf(...parts: readonly (readonly [times: number, of: Combination])[]): Combination {
  const total: Record<string, number> = {};
  for (const [times, of] of parts) {
    for (const [name, factor] of Object.entries(of)) total[name] = (total[name] ?? 0) + times * factor;
  }
  return Object.fromEntries(Object.entries(total).filter(([, factor]) => factor !== 0));
}
