import type { PointLoad } from '../statics/pointLoad.ts';

/**
 * Loads at one seat, tank or place are off together: the ± of where it is acts on the sum of what is there, what the empty
 * figure contains taken off. The heaviest of them carries that doubt, as a moment.
 */
export function offTogether(points: readonly PointLoad[]): readonly PointLoad[] {
  const sums = new Map<string, { mass: number; heaviest: PointLoad }>();
  for (const load of points) {
    if (!load.at) continue;
    const found = sums.get(load.at.key);
    if (!found) sums.set(load.at.key, { mass: load.mass, heaviest: load });
    else {
      found.mass += load.mass;
      if (Math.abs(load.mass) > Math.abs(found.heaviest.mass)) found.heaviest = load;
    }
  }
  if (sums.size === 0) return points;
  return points.map((load) => {
    const group = load.at && sums.get(load.at.key);
    if (!load.at || group?.heaviest !== load) return load;
    const sigmaMoment = Math.hypot(load.sigmaMoment ?? 0, group.mass * load.at.sigma);
    return { ...load, sigmaMoment, typical: load.at.typical };
  });
}
