import type { Loads, OpenBy, Value } from '../loads/loads.ts';
import { quantityNames, type QuantityName } from '../statics/rigRows.ts';
import type { StateSlip } from './keptSlips.ts';

const open: OpenBy = 'contradiction';

/** A load by every candidate: the first, so that sums agree, with the others beside it; not known where one of them does not settle it. */
function eachWay(mean: Value, ways: readonly Value[]): Value {
  if (mean.kind !== 'known' || !mean.contradicted) return mean;
  const [first, ...others] = ways.flatMap((one) => (one.kind === 'known' ? [one] : []));
  if (!first || others.length < ways.length - 1) return mean;
  const values = others.map(({ value }) => value).filter((value) => Math.abs(value - first.value) > apart);
  return values.length > 0 ? { ...first, otherwise: { values, open } } : first;
}

/** kg: less is rounding. */
const apart = 1e-6;

/**
 * Where readings of a slip cannot all be right, each of them left out is a candidate, and no mean of them is taken: every load that rests
 * on them stands by all candidates side by side.
 * @param reckoned the loads from these slips
 */
export function byCandidates<L extends Pick<Loads, 'values' | 'lessTimes'>>(
  slips: readonly StateSlip[],
  reckoned: (slips: readonly StateSlip[]) => L,
): L {
  const mean = reckoned(slips);
  const at = slips.findIndex(({ candidates }) => candidates.length > 0);
  const slip = slips[at];
  if (!slip) return mean;
  const ways = slip.candidates.map((estimate) => {
    const one: StateSlip = { ...slip, estimate, suspects: [], candidates: [], unlisted: new Map() };
    return byCandidates(slips.with(at, one), reckoned);
  });
  const values = Object.fromEntries(
    quantityNames.map((name) => [
      name,
      eachWay(
        mean.values[name],
        ways.map((one) => one.values[name]),
      ),
    ]),
  ) as Record<QuantityName, Value>;
  return {
    ...mean,
    values,
    lessTimes: (load, times, of) =>
      eachWay(
        mean.lessTimes(load, times, of),
        ways.map((one) => one.lessTimes(load, times, of)),
      ),
  };
}
