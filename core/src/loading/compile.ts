import type { Message } from '../messages/message.ts';
import type { Missing } from '../rig/missing.ts';
import {
  rowSigma,
  rowValue,
  sumLoads,
  type LoadOrigin,
  type LoadSums,
  type PointLoad,
  type Side,
} from '../statics/pointLoad.ts';
import { quantityNames, rigRows, type QuantityName, type RigLengths, type RowOrMissing } from '../statics/rigRows.ts';
import type { Row } from '../statics/row.ts';
import { emptyLoads } from './emptyLoads.ts';
import { loadoutLoads } from './loadoutLoads.ts';
import { payloadOrigins } from './payloadOrigins.ts';
import { rigLengths } from './rigLengths.ts';
import { placedBodies, type RigView } from './rigView.ts';

/** A load in kg with one standard deviation, or what is missing to know it, or nothing where the rig has no such load. */
export type Value =
  | { readonly kind: 'known'; readonly value: number; readonly sigma: number; readonly row: Row }
  | { readonly kind: 'unknown'; readonly missing: readonly Missing[] }
  | { readonly kind: 'absent' };

/** A rig brought down to point loads and one influence row a quantity. Everything else reads this. */
export interface Compiled {
  readonly view: RigView;
  readonly lengths: RigLengths;
  readonly loads: readonly PointLoad[];
  readonly sums: Readonly<Record<Side, LoadSums>>;
  readonly massMissing: Readonly<Record<Side, readonly Missing[]>>;
  readonly placeMissing: Readonly<Record<Side, readonly Missing[]>>;
  readonly values: Readonly<Record<QuantityName, Value>>;
  /** What each body weighs by itself, by its id: of its papers or a weighing of its own, whatever a slip says of the rig. */
  readonly bodies: Readonly<Record<string, BodyMass>>;
  /** Where the values were weighed: what was read, and how often each reading counts in a value. */
  readonly weighed?: Readonly<Partial<Record<QuantityName, readonly WeighedOperand[]>>>;
}

/** A body with nothing in it, and what was fitted to it since; kg. What is missing keeps both from being known. */
interface BodyMass {
  readonly bare: number;
  readonly fitted: number;
  readonly missing: readonly Missing[];
}

/** A reading of a slip in the arithmetic of a load. */
export interface WeighedOperand {
  readonly name: Message;
  readonly kg: number;
  readonly times: number;
}

export function compile(view: RigView): Compiled {
  const lengths = rigLengths(view);
  const loads: PointLoad[] = [];
  const massMissing: Record<Side, Missing[]> = { vehicle: [], trailer: [] };
  const placeMissing: Record<Side, Missing[]> = { vehicle: [], trailer: [] };
  for (const { body, side, offset } of placedBodies(view)) {
    for (const part of [emptyLoads(body, lengths), loadoutLoads(view, body)]) {
      for (const load of part.loads) loads.push(offset === 0 ? load : shifted(load, offset));
      massMissing[side].push(...part.massMissing);
      placeMissing[side].push(...part.placeMissing);
    }
    if (offset === null) placeMissing[side].push({ code: 'camperPosition', body: body.id, bodyName: body.name });
  }
  const parts = {
    view,
    lengths,
    loads,
    sums: { vehicle: sumLoads(loads, 'vehicle'), trailer: sumLoads(loads, 'trailer') },
    massMissing,
    placeMissing,
  };
  const rows = rigRows(lengths);
  const values = Object.fromEntries(quantityNames.map((name) => [name, valueOf(parts, rows[name])]));
  return { ...parts, values: values as Record<QuantityName, Value>, bodies: bodyMasses(parts) };
}

const shifted = (load: PointLoad, offset: number | null): PointLoad => ({
  ...load,
  x: load.x === null || offset === null ? null : load.x + offset,
});

function bodyMasses({ view, loads, massMissing }: Pick<Compiled, 'view' | 'loads' | 'massMissing'>) {
  return Object.fromEntries(
    placedBodies(view).map(({ body, side }): [string, BodyMass] => {
      const of = (origins: readonly LoadOrigin[]) =>
        loads.reduce(
          (sum, load) => (load.body === body.id && origins.includes(load.origin) ? sum + load.mass : sum),
          0,
        );
      const missing = massMissing[side].filter((one) => one.body === body.id);
      return [body.id, { bare: of(payloadOrigins.bare), fitted: of(payloadOrigins.fitted), missing }];
    }),
  );
}

/** Evaluates any row over a compiled rig; positions matter only to rows that lean on them. */
export function valueOf(parts: Omit<Compiled, 'values' | 'weighed' | 'bodies'>, row: RowOrMissing): Value {
  if (row === null) return { kind: 'absent' };
  if ('missing' in row) return { kind: 'unknown', missing: row.missing.map((code) => lengthMissing(parts.view, code)) };
  const missing = (['vehicle', 'trailer'] as const).flatMap((side) => {
    const { at0, perMetre } = row[side];
    if (at0 === 0 && perMetre === 0) return [];
    return perMetre === 0 ? parts.massMissing[side] : [...parts.massMissing[side], ...parts.placeMissing[side]];
  });
  if (missing.length > 0) return { kind: 'unknown', missing };
  const { vehicle, trailer } = parts.sums;
  const value = rowValue(row, vehicle, trailer);
  const sigma = rowSigma(row, vehicle, trailer);
  return Number.isFinite(value) && Number.isFinite(sigma)
    ? { kind: 'known', value, sigma, row }
    : { kind: 'unknown', missing: [unreckonable(parts.view)] };
}

/** Nothing follows from a number that is none: what is not finite is unknown. */
export function unreckonable({ vehicle, trailer, rig }: RigView): Missing {
  const body = vehicle ?? trailer;
  return { code: 'reckoning', body: body?.id ?? rig.id, bodyName: body?.name ?? rig.name };
}

function lengthMissing(view: RigView, code: 'wheelbase' | 'couplingOverhang' | 'axlePosition'): Missing {
  const body = (code === 'axlePosition' ? view.trailer : view.vehicle) ?? view.vehicle ?? view.trailer;
  const about = { body: body?.id ?? '', bodyName: body?.name ?? '' };
  if (code === 'couplingOverhang' && view.trailer?.coupling === 'fifthWheel') return { code: 'pinOverhang', ...about };
  return { code, ...about };
}
