import type { Value } from '../loads/loads.ts';

/** A load less a fixed figure, kg: the same row and ±, and the other way to take what is known less as much. */
export function lessBy(load: Value, kg: number): Value {
  if (load.kind !== 'known') return load;
  const { otherwise } = load;
  return {
    ...load,
    value: load.value - kg,
    ...(otherwise ? { otherwise: { ...otherwise, values: otherwise.values.map((value) => value - kg) } } : {}),
  };
}
