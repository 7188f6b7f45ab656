import { rowValue, type DoubtfulLength, type LoadSums, type PointLoad, type Side } from './pointLoad.ts';
import { quantityNames, rigRows, type QuantityName, type RigLengths } from './rigRows.ts';

/** Small against any length of a rig, large against rounding, m. */
const step = 1e-4;

/**
 * How much each load changes for a metre more of a length, kg/m: the central difference of its row, which is smooth in every
 * length. The coupling keeps its overhang when the wheelbase grows; what was given as a load of an axle or of the coupling
 * keeps its size and moves with it. 0 where a load is not known or does not lean on the length.
 */
export function lengthSlopes(
  lengths: RigLengths,
  length: DoubtfulLength,
  points: readonly PointLoad[],
  sums: Readonly<Record<Side, LoadSums>>,
): Readonly<Record<QuantityName, number>> {
  const following = { vehicle: 0, trailer: 0 };
  for (const { side, mass, follows } of points) following[side] += mass * (follows?.[length] ?? 0);
  const loadsAt = (change: number) => {
    const rows = rigRows(longer(lengths, length, change));
    const moved = (side: Side) => ({ ...sums[side], moment: sums[side].moment + change * following[side] });
    const [vehicle, trailer] = [moved('vehicle'), moved('trailer')];
    return quantityNames.map((name) => {
      const row = rows[name];
      return row === null || 'missing' in row ? 0 : rowValue(row, vehicle, trailer);
    });
  };
  const [more, less] = [loadsAt(step), loadsAt(-step)];
  const slopes = quantityNames.map((name, at) => [name, ((more[at] ?? 0) - (less[at] ?? 0)) / (2 * step)] as const);
  return Object.fromEntries(slopes) as Record<QuantityName, number>;
}

/** The same rig with one of its lengths changed by so much; one that nobody knows stays unknown. */
function longer(lengths: RigLengths, length: DoubtfulLength, by: number): RigLengths {
  const { vehicle, trailer } = lengths;
  const plus = (value: number | undefined) => (value === undefined ? undefined : value + by);
  const said = trailer?.said;
  if (length === 'saidBallLoad' || length === 'saidBallShare') {
    const { fixed, share } = said ?? {};
    const more = fixed !== undefined ? { fixed: fixed + by } : { share: (share ?? 0) + by };
    return said ? { ...lengths, trailer: { ...trailer, said: more } } : lengths;
  }
  if (length === 'axlePosition') {
    return { ...lengths, trailer: trailer && { ...trailer, axlePosition: plus(trailer.axlePosition) } };
  }
  if (!vehicle) return lengths;
  if (length === 'tagOffset') {
    const { tagAxle } = vehicle;
    return { ...lengths, vehicle: { ...vehicle, tagAxle: tagAxle && { ...tagAxle, offset: tagAxle.offset + by } } };
  }
  return { ...lengths, vehicle: { ...vehicle, [length]: plus(vehicle[length]) } };
}
