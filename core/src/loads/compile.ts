import { placeContents } from '../loading/placeContents.ts';
import { lengthDoubts } from '../loading/lengthDoubts.ts';
import { lengthSlopes } from '../statics/lengthSlopes.ts';
import { emptyLoads, keptLoads, type BodyLoads } from '../loading/emptyLoads.ts';
import { loadoutLoads } from '../loading/loadoutLoads.ts';
import { payloadOrigins } from '../loading/payloadOrigins.ts';
import { offTogether } from '../loading/offTogether.ts';
import { rigLengths } from '../loading/rigLengths.ts';
import { carried } from './carried.ts';
import { byItsPapers } from '../loading/saidAgainst.ts';
import { saidRest } from '../loading/said.ts';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import type { Body } from '../rig/body.ts';
import type { Missing } from '../rig/missing.ts';
import {
  type LengthEffect,
  rowSigma,
  rowValue,
  sumLoads,
  type LoadOrigin,
  type LoadSums,
  type PointLoad,
  type Side,
} from '../statics/pointLoad.ts';
import { quantityNames, rigRows, type QuantityName, type RigLengths, type RowOrMissing } from '../statics/rigRows.ts';
import { combineRows, type Row } from '../statics/row.ts';
import { unreckonable, type BodyMass, type Loads, type Mass, type TypicalPart, type Value } from './loads.ts';

/** A rig brought down to point loads and one influence row a quantity: the loads as they are planned. */
export interface Compiled extends Loads {
  readonly from: 'plan' | 'state';
  readonly points: readonly PointLoad[];
  readonly sums: Readonly<Record<Side, LoadSums>>;
  readonly massMissing: Readonly<Record<Side, readonly Missing[]>>;
  readonly placeMissing: Readonly<Record<Side, readonly Missing[]>>;
}

type Parts = Pick<Compiled, 'view' | 'lengths' | 'bodies' | 'points' | 'sums' | 'massMissing' | 'placeMissing'>;

/** Brings a rig, as it is loaded, down to point loads and to every load that is compared with a limit; never throws. */
export function compile(view: RigView): Compiled {
  const lengths = rigLengths(view);
  const listed: PointLoad[] = [];
  const massMissing: Record<Side, Missing[]> = { vehicle: [], trailer: [] };
  const placeMissing: Record<Side, Missing[]> = { vehicle: [], trailer: [] };
  const bodies: Record<string, BodyMass> = {};
  for (const { body, side, offset } of placedBodies(view)) {
    const [{ bare, empty }, onBoard] = [withKept(view, body, lengths), loadoutLoads(view, body)];
    bodies[body.id] = bodyMass(body.id, bare, onBoard);
    for (const part of [saidRest(view, body) ?? empty, onBoard]) {
      for (const load of part.loads) listed.push(offset === 0 ? load : shifted(load, offset));
      massMissing[side].push(...part.massMissing);
      placeMissing[side].push(...part.placeMissing);
    }
    if (offset === null) placeMissing[side].push({ code: 'camperPosition', body: body.id, bodyName: body.name });
  }
  const points = offTogether(listed);
  const sums = { vehicle: sumLoads(points, 'vehicle'), trailer: sumLoads(points, 'trailer') };
  const plan = planned({ view, lengths, bodies, points, sums, massMissing, placeMissing });
  const papers = byItsPapers(view);
  return papers ? bothWays(plan, compile(papers)) : plan;
}

/** The body alone, and with what stays of all that its empty figure contains. */
function withKept(
  view: RigView,
  body: Body,
  lengths: RigLengths,
): { readonly bare: BodyLoads; readonly empty: BodyLoads } {
  const bare = emptyLoads(view, body, lengths);
  return { bare, empty: { ...bare, loads: [...bare.loads, ...keptLoads(view, body)] } };
}

/** Loads by what is said of a body and by its papers that contradict it: both are candidates, and no mean of them is taken. */
function bothWays(plan: Compiled, papers: Compiled): Compiled {
  const either = (value: Value, other: Value): Value => {
    if (value.kind !== 'known') return value;
    if (other.kind !== 'known') return { ...value, open: 'figures' };
    return other.value === value.value ? value : { ...value, otherwise: { values: [other.value], open: 'figures' } };
  };
  const values = Object.fromEntries(
    quantityNames.map((name) => [name, either(plan.values[name], papers.values[name])]),
  ) as Record<QuantityName, Value>;
  return {
    ...plan,
    values,
    lessTimes: (load, times, of) => either(plan.lessTimes(load, times, of), papers.lessTimes(load, times, of)),
  };
}

function planned(parts: Parts): Compiled {
  const rows = rigRows(parts.lengths);
  const slopes = lengthDoubts(parts.view).map((doubt) => ({
    ...doubt,
    of: lengthSlopes(parts.lengths, doubt.length, parts.points, parts.sums),
  }));
  const effects = (name: QuantityName): readonly LengthEffect[] =>
    slopes.flatMap(({ length, body, sigma, typical, of }) =>
      of[name] === 0 ? [] : [{ length, body, kg: of[name] * sigma, typical }],
    );
  const asSaid = Object.fromEntries(
    quantityNames.map((name) => [name, valueOf(parts, rows[name], effects(name))]),
  ) as Record<QuantityName, Value>;
  const levers = saidLevers(parts.lengths);
  const moved = (value: Value, row: Row | null): Value => (row && value.kind === 'known' ? { ...value, row } : value);
  const lever = (name: QuantityName): Row | null => {
    const row = levers?.[name];
    return row && !('missing' in row) ? row : null;
  };
  const values = levers
    ? (Object.fromEntries(quantityNames.map((name) => [name, moved(asSaid[name], lever(name))])) as typeof asSaid)
    : asSaid;
  let contents: ReturnType<typeof placeContents> | undefined;
  return {
    from: 'plan' as const,
    ...parts,
    values,
    singleAxles: [],
    lessTimes: (load, times, of) => {
      const [a, b] = [lever(load), lever(of)];
      return moved(lessTimes(parts, asSaid[load], times, asSaid[of]), a && b && combineRows(a, -times, b));
    },
    laden: (body) => laden(parts, body),
    carried: (body) => carried(parts, body),
    inPlace: (body, place) => {
      const found = (contents ??= placeContents(parts.view)).get(`${body}/${place}`);
      return found ? { kind: 'known', value: found.mass, sigma: found.sigma } : empty;
    },
  };
}

/** What a kilogram does where a ball load is said and moves with what is put in: as by the lengths. null: there is no such ball load. */
const saidLevers = (lengths: RigLengths): ReturnType<typeof rigRows> | null =>
  lengths.trailer?.said?.moves
    ? rigRows({ ...lengths, trailer: { axlePosition: lengths.trailer.axlePosition } })
    : null;

const empty: Mass = { kind: 'known', value: 0, sigma: 0 };

const shifted = (load: PointLoad, offset: number | null): PointLoad => ({
  ...load,
  x: load.x === null || offset === null ? null : load.x + offset,
});

/** A body by its papers, whatever is said of it as it is loaded. */
function bodyMass(id: string, empty: BodyLoads, onBoard: BodyLoads): BodyMass {
  const loads = [...empty.loads, ...onBoard.loads];
  const of = (origins: readonly LoadOrigin[]) =>
    loads.reduce((sum, load) => (origins.includes(load.origin) ? sum + load.mass : sum), 0);
  const missing = [...empty.massMissing, ...(empty.bareMissing ?? []), ...onBoard.massMissing].filter(
    (one) => one.body === id,
  );
  return { bare: of(payloadOrigins.bare), fitted: of(payloadOrigins.fitted), missing };
}

/** Planned loads hang together: the ± of their difference is that of its own row. */
function lessTimes(parts: Parts, load: Value, times: number, of: Value): Value {
  if (load.kind !== 'known') return load;
  if (of.kind !== 'known') return of;
  const others = (load.lengths ?? []).map((one) => {
    const also = of.lengths?.find(({ length }) => length === one.length);
    return { ...one, kg: one.kg - times * (also?.kg ?? 0) };
  });
  const alone = (of.lengths ?? []).filter((one) => !load.lengths?.some(({ length }) => length === one.length));
  const lengths = [...others, ...alone.map((one) => ({ ...one, kg: -times * one.kg }))];
  const value = valueOf(parts, combineRows(load.row, -times, of.row), lengths);
  return value.kind === 'known' ? { ...value, value: load.value - times * of.value } : value;
}

function laden({ points, massMissing }: Parts, body: string): Mass {
  const missing = [...massMissing.vehicle, ...massMissing.trailer].filter((one) => one.body === body);
  if (missing.length > 0) return { kind: 'unknown', missing };
  const own = points.filter((load) => load.body === body);
  const value = own.reduce((sum, load) => sum + load.mass, 0);
  return { kind: 'known', value, sigma: Math.sqrt(own.reduce((sum, load) => sum + load.sigma ** 2, 0)) };
}

/** Evaluates any row over a compiled rig; positions matter only to rows that lean on them. */
function valueOf(parts: Parts, row: RowOrMissing, lengths: readonly LengthEffect[]): Value {
  if (row === null) return { kind: 'absent' };
  if ('missing' in row) return { kind: 'unknown', missing: row.missing.map((code) => lengthMissing(parts.view, code)) };
  const missing = missingFor(parts, row);
  if (missing.length > 0) return { kind: 'unknown', missing };
  const { vehicle, trailer } = parts.sums;
  const value = rowValue(row, vehicle, trailer);
  const own = rowSigma(row, vehicle, trailer);
  const sigma = lengths.length === 0 ? own : Math.hypot(own, ...lengths.map(({ kg }) => kg));
  return Number.isFinite(value) && Number.isFinite(sigma)
    ? {
        kind: 'known',
        value,
        sigma,
        row,
        ...(lengths.length > 0 ? { lengths } : {}),
        ...typicalIn(parts, row, lengths),
      }
    : { kind: 'unknown', missing: [unreckonable(parts.view)] };
}

/** A tenth of a kilogram is no part of a load. */
const worthNaming = 0.1 ** 2;

function typicalIn(
  { view, points }: Parts,
  row: Row,
  lengths: readonly LengthEffect[],
): { readonly typical?: readonly TypicalPart[] } {
  if (!view.typical) return {};
  const found = [
    ...points.map(({ side, typical, ...load }) => ({
      missing: typical,
      variance: typical ? (row[side].perMetre * (load.sigmaMoment ?? 0)) ** 2 : 0,
    })),
    ...lengths.map(({ kg, typical: missing }) => ({ missing, variance: kg ** 2 })),
  ];
  const typical = found.filter((one): one is TypicalPart => one.missing !== undefined && one.variance > worthNaming);
  return typical.length > 0 ? { typical: typical.sort((a, b) => b.variance - a.variance) } : {};
}

const missingFor = ({ massMissing, placeMissing }: Parts, row: Row): readonly Missing[] =>
  (['vehicle', 'trailer'] as const).flatMap((side) => {
    const { at0, perMetre } = row[side];
    if (at0 === 0 && perMetre === 0) return [];
    return perMetre === 0 ? massMissing[side] : [...massMissing[side], ...placeMissing[side]];
  });

function lengthMissing(view: RigView, code: 'wheelbase' | 'couplingOverhang' | 'axlePosition' | 'ballLoad'): Missing {
  const ofTrailer = code === 'axlePosition' || code === 'ballLoad';
  const body = (ofTrailer ? view.trailer : view.vehicle) ?? view.vehicle ?? view.trailer;
  const about = { body: body?.id ?? '', bodyName: body?.name ?? '' };
  if (code === 'couplingOverhang' && view.trailer?.coupling === 'fifthWheel') return { code: 'pinOverhang', ...about };
  return { code, ...about };
}
