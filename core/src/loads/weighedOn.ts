import type { Message } from '../messages/message.ts';
import type { Missing } from '../rig/missing.ts';
import { quantityNames, type QuantityName } from '../statics/rigRows.ts';
import { combineRows, nothing, type Row } from '../statics/row.ts';
import type { Compiled } from './compile.ts';
import type { Loads, Mass, Value } from './loads.ts';

/** A reading of a slip in the arithmetic of a load: what was read, and how often it counts. */
interface WeighedOperand {
  readonly name: Message;
  readonly kg: number;
  readonly times: number;
}

/** The loads of a rig as a slip shows them. */
export interface WeighedLoads extends Loads {
  readonly from: 'slip';
  readonly weighed: Readonly<Record<QuantityName, readonly WeighedOperand[]>>;
}

/** What a slip settles of a sum of loads, each so many times: its value with one standard deviation, kg. null: not enough. */
export type Settles = (of: readonly (readonly [times: number, load: QuantityName])[]) => {
  readonly value: number;
  readonly se: number;
  readonly operands: readonly WeighedOperand[];
  /** It rests on readings that cannot all be right. */
  readonly contradicted: boolean;
} | null;

const noRow: Row = { vehicle: nothing, trailer: nothing };

/**
 * The loads that the readings of a slip settle; what they do not settle is unknown for want of a reading. What a body weighs
 * by itself stays what its papers say. What lies inside a body or a place was not weighed and is not judged.
 * @param singleAxles of the trailer's group, where the readings tell them apart
 * @param plan of the rig on the slip: which loads it has, and how each changes with what is packed
 */
export function weighedOn(plan: Compiled, settles: Settles, singleAxles: readonly Mass[]): WeighedLoads {
  const { view, lengths, bodies } = plan;
  const body = view.vehicle ?? view.trailer;
  const missing: readonly Missing[] = [{ code: 'reading', body: body?.id ?? '', bodyName: body?.name ?? '' }];
  const settled = quantityNames.map((name) => [name, settles([[1, name]])] as const);
  const values = Object.fromEntries(
    settled.map(([name, found]): [QuantityName, Value] => {
      const planned = plan.values[name];
      if (planned.kind === 'absent') return [name, planned];
      if (!found) return [name, { kind: 'unknown', missing }];
      const row = planned.kind === 'known' ? planned.row : noRow;
      const { value, se, contradicted } = found;
      return [name, { kind: 'known', value, sigma: se, row, ...(contradicted ? { contradicted } : {}) }];
    }),
  ) as Record<QuantityName, Value>;
  const weighed = Object.fromEntries(settled.map(([name, found]) => [name, found?.operands ?? []]));
  return {
    from: 'slip',
    view,
    lengths,
    values,
    singleAxles,
    bodies,
    weighed: weighed as WeighedLoads['weighed'],
    lessTimes: (name, times, of) => {
      const [load, base] = [values[name], values[of]];
      if (load.kind !== 'known') return load;
      if (base.kind !== 'known') return base;
      const found = settles([
        [1, name],
        [-times, of],
      ]);
      const value = load.value - times * base.value;
      const sigma = found?.se ?? Math.hypot(load.sigma, times * base.sigma);
      const contradicted = load.contradicted === true || base.contradicted === true;
      const row = combineRows(load.row, -times, base.row);
      return { kind: 'known', value, sigma, row, ...(contradicted ? { contradicted } : {}) };
    },
    laden: () => ({ kind: 'absent' }),
    carried: () => ({ kind: 'absent' }),
    inPlace: () => ({ kind: 'absent' }),
  };
}
