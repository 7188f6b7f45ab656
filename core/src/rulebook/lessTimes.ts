import { valueOf, type Compiled, type Value } from '../loading/compile.ts';
import { combineRows } from '../statics/row.ts';

/**
 * One load less so many times another: the ball load less 4 % of the trailer. A share of a load that is not known is not known.
 * Planned loads hang together, and their ± is that of the row; weighed ones are taken as independent, which is the wide side.
 */
export function lessTimes(compiled: Compiled, load: Value, times: number, of: Value): Value {
  if (load.kind !== 'known') return load;
  if (of.kind !== 'known') return of;
  const row = combineRows(load.row, -times, of.row);
  const value = load.value - times * of.value;
  if (compiled.weighed) return { kind: 'known', value, sigma: Math.hypot(load.sigma, times * of.sigma), row };
  const planned = valueOf(compiled, row);
  return planned.kind === 'known' ? { ...planned, value } : planned;
}
