import type { Trailer, Vehicle } from '../rig/body.ts';
import type { Missing } from '../rig/missing.ts';
import { rowSigma, rowValue, sumLoads, type LoadSums, type PointLoad, type Side } from '../statics/pointLoad.ts';
import { quantityNames, rigRows, type QuantityName, type RigLengths, type RowOrMissing } from '../statics/rigRows.ts';
import type { Row } from '../statics/row.ts';
import { emptyLoads } from './emptyLoads.ts';
import { loadoutLoads } from './loadoutLoads.ts';
import type { RigView } from './rigView.ts';

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
}

export function compile(view: RigView): Compiled {
  const lengths = rigLengths(view);
  const vehicle = bodyLoads(view, view.vehicle, lengths);
  const trailer = view.trailer
    ? bodyLoads(view, view.trailer, lengths)
    : { loads: [], massMissing: [], placeMissing: [] };
  const loads = [...vehicle.loads, ...trailer.loads];
  const parts = {
    view,
    lengths,
    loads,
    sums: { vehicle: sumLoads(loads, 'vehicle'), trailer: sumLoads(loads, 'trailer') },
    massMissing: { vehicle: vehicle.massMissing, trailer: trailer.massMissing },
    placeMissing: { vehicle: vehicle.placeMissing, trailer: trailer.placeMissing },
  };
  const rows = rigRows(lengths);
  const values = Object.fromEntries(quantityNames.map((name) => [name, valueOf(parts, rows[name])]));
  return { ...parts, values: values as Record<QuantityName, Value> };
}

const rigLengths = ({ vehicle, trailer }: RigView): RigLengths => ({
  wheelbase: vehicle.geometry.wheelbase,
  couplingOverhang: vehicle.geometry.couplingOverhang,
  tagAxle: vehicle.geometry.tagAxle,
  trailer: trailer && { axlePosition: trailer.geometry.axlePosition },
});

function bodyLoads(view: RigView, body: Vehicle | Trailer, lengths: RigLengths) {
  const empty = emptyLoads(body, lengths);
  const loaded = loadoutLoads(view, body);
  return {
    loads: [...empty.loads, ...loaded.loads],
    massMissing: [...empty.massMissing, ...loaded.massMissing],
    placeMissing: [...empty.placeMissing, ...loaded.placeMissing],
  };
}

/** Evaluates any row over a compiled rig; positions matter only to rows that lean on them. */
export function valueOf(parts: Omit<Compiled, 'values'>, row: RowOrMissing): Value {
  if (row === null) return { kind: 'absent' };
  if ('missing' in row) return { kind: 'unknown', missing: row.missing.map((code) => lengthMissing(parts.view, code)) };
  const missing = (['vehicle', 'trailer'] as const).flatMap((side) => {
    const { at0, perMetre } = row[side];
    if (at0 === 0 && perMetre === 0) return [];
    return perMetre === 0 ? parts.massMissing[side] : [...parts.massMissing[side], ...parts.placeMissing[side]];
  });
  if (missing.length > 0) return { kind: 'unknown', missing };
  const { vehicle, trailer } = parts.sums;
  return { kind: 'known', value: rowValue(row, vehicle, trailer), sigma: rowSigma(row, vehicle, trailer), row };
}

function lengthMissing(view: RigView, code: 'wheelbase' | 'couplingOverhang' | 'axlePosition'): Missing {
  const body = code === 'axlePosition' && view.trailer ? view.trailer : view.vehicle;
  return { code, body: body.id, bodyName: body.name };
}
