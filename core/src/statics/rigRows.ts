import { rearGroupCentre, throughCoupling, trailerShares, vehicleShares } from './bodyRows.ts';
import { everything, nothing, scaled, type Row } from './row.ts';

/** Every load that is compared with a limit, by code name. kg. */
export const quantityNames = [
  'vehicleSolo',
  'vehicleTotal',
  'frontAxle',
  'rearAxle',
  'driveAxle',
  'tagAxle',
  'trailerTotal',
  'trailerAxles',
  'ballLoad',
  'combination',
] as const;
export type QuantityName = (typeof quantityNames)[number];

/** Lengths the rows need, m; undefined where the owner has not measured. */
export interface RigLengths {
  /** Front axle to the (drive) rear axle. */
  readonly wheelbase?: number | undefined;
  /** Coupling behind the (drive) rear axle. */
  readonly couplingOverhang?: number | undefined;
  readonly tagAxle?: { readonly offset: number; readonly driveShare: number } | undefined;
  /** undefined: no trailer. */
  readonly trailer?: { readonly axlePosition?: number | undefined } | undefined;
}

type LengthName = 'wheelbase' | 'couplingOverhang' | 'axlePosition';
/** A row, the lengths still missing for it, or null where the rig has no such load. */
export type RowOrMissing = Row | { readonly missing: readonly LengthName[] } | null;

/** m from the front axle to where the rear axle or group acts. */
export function effectiveWheelbase(lengths: RigLengths): number | undefined {
  const { wheelbase, tagAxle } = lengths;
  if (wheelbase === undefined || !tagAxle) return wheelbase;
  return rearGroupCentre(wheelbase, wheelbase + tagAxle.offset, tagAxle.driveShare);
}

/** m from the front axle to the coupling. */
export const couplingPosition = (lengths: RigLengths): number | undefined =>
  lengths.wheelbase === undefined || lengths.couplingOverhang === undefined
    ? undefined
    : lengths.wheelbase + lengths.couplingOverhang;

/** One influence row a quantity. The trailer reaches the vehicle only through the ball load. */
export function rigRows(lengths: RigLengths): Readonly<Record<QuantityName, RowOrMissing>> {
  const rear = axleRow(lengths, 'rear');
  const share = lengths.tagAxle?.driveShare;
  const part = (by: number | undefined): RowOrMissing =>
    by === undefined ? null : rear && 'vehicle' in rear ? scaledRow(by, rear) : rear;
  return {
    vehicleSolo: { vehicle: everything, trailer: nothing },
    vehicleTotal: vehicleTotalRow(lengths),
    frontAxle: axleRow(lengths, 'front'),
    rearAxle: rear,
    driveAxle: part(share),
    tagAxle: part(share === undefined ? undefined : 1 - share),
    ...trailerRows(lengths),
    combination: lengths.trailer ? { vehicle: everything, trailer: everything } : null,
  };
}

const scaledRow = (by: number, row: Row): Row => ({
  vehicle: scaled(by, row.vehicle),
  trailer: scaled(by, row.trailer),
});

function trailerRows(
  lengths: RigLengths,
): Pick<Record<QuantityName, RowOrMissing>, 'trailerTotal' | 'trailerAxles' | 'ballLoad'> {
  if (!lengths.trailer) return { trailerTotal: null, trailerAxles: null, ballLoad: null };
  const trailerTotal = { vehicle: nothing, trailer: everything };
  const { axlePosition } = lengths.trailer;
  if (axlePosition === undefined) {
    const missing = { missing: ['axlePosition'] } as const;
    return { trailerTotal, trailerAxles: missing, ballLoad: missing };
  }
  const shares = trailerShares(axlePosition);
  return {
    trailerTotal,
    trailerAxles: { vehicle: nothing, trailer: shares.axles },
    ballLoad: { vehicle: nothing, trailer: shares.ballLoad },
  };
}

function vehicleTotalRow(lengths: RigLengths): RowOrMissing {
  if (!lengths.trailer) return { vehicle: everything, trailer: nothing };
  const { axlePosition } = lengths.trailer;
  if (axlePosition === undefined) return { missing: ['axlePosition'] };
  return { vehicle: everything, trailer: trailerShares(axlePosition).ballLoad };
}

function axleRow(lengths: RigLengths, axle: 'front' | 'rear'): RowOrMissing {
  const wheelbase = effectiveWheelbase(lengths);
  const coupling = couplingPosition(lengths);
  const missing: LengthName[] = [];
  if (wheelbase === undefined) missing.push('wheelbase');
  if (lengths.trailer && lengths.couplingOverhang === undefined) missing.push('couplingOverhang');
  if (lengths.trailer && lengths.trailer.axlePosition === undefined) missing.push('axlePosition');
  if (wheelbase === undefined || missing.length > 0) return { missing };
  const vehicle = vehicleShares(wheelbase)[axle];
  if (!lengths.trailer || lengths.trailer.axlePosition === undefined || coupling === undefined) {
    return { vehicle, trailer: nothing };
  }
  const { ballLoad } = trailerShares(lengths.trailer.axlePosition);
  return { vehicle, trailer: throughCoupling(ballLoad, wheelbase, coupling - wheelbase)[axle] };
}
