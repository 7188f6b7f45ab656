import { rearGroupCentre, throughCoupling, trailerShares, vehicleShares } from './bodyRows.ts';
import { coupleOf, type Distribution } from './distribution.ts';
import { combineRows, everything, nothing, scaledRow, type Row } from './row.ts';

/** Every load that is compared with a limit, by code name. kg. `ballLoad` is the undistributed one: bars off. */
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
  'ballLoadTowed',
  'combination',
] as const;
export type QuantityName = (typeof quantityNames)[number];

/** Lengths of the vehicle, m; undefined where the owner has not measured. */
interface VehicleLengths {
  /** Front axle to the (drive) rear axle. */
  readonly wheelbase?: number | undefined;
  /** Coupling, or pin, behind the (drive) rear axle, a hitch extension included. */
  readonly couplingOverhang?: number | undefined;
  readonly tagAxle?: { readonly offset: number; readonly driveShare: number } | undefined;
}

/** What rests on the coupling by what is said of it: so many kg, or such a share of the trailer. It needs no length. */
export type SaidBall =
  /** `moves`: what is put in or taken out since it was said is in it already, and more of it moves it by the lever. */
  | { readonly fixed: number; readonly share?: never; readonly moves?: true }
  | { readonly share: number; readonly fixed?: never; readonly moves?: never };

export interface RigLengths {
  /** undefined: a trailer judged by itself. */
  readonly vehicle?: VehicleLengths | undefined;
  /** undefined: no trailer. */
  readonly trailer?: { readonly axlePosition?: number | undefined; readonly said?: SaidBall | undefined } | undefined;
  readonly distribution?: Distribution | undefined;
}

/** `ballLoad`: a scale, a share, or the length from coupling to axles would each do. */
type LengthName = 'wheelbase' | 'couplingOverhang' | 'axlePosition' | 'ballLoad';
/** A row, the lengths still missing for it, or null where the rig has no such load. */
export type RowOrMissing = Row | { readonly missing: readonly LengthName[] } | null;

/** m from the front axle to where the rear axle or group acts. */
export function effectiveWheelbase({ vehicle }: RigLengths): number | undefined {
  const wheelbase = vehicle?.wheelbase;
  const tagAxle = vehicle?.tagAxle;
  if (wheelbase === undefined || !tagAxle) return wheelbase;
  return rearGroupCentre(wheelbase, wheelbase + tagAxle.offset, tagAxle.driveShare);
}

/** m from the front axle to the coupling. */
export const couplingPosition = ({ vehicle }: RigLengths): number | undefined =>
  vehicle?.wheelbase === undefined || vehicle.couplingOverhang === undefined
    ? undefined
    : vehicle.wheelbase + vehicle.couplingOverhang;

/** m from where the rear axle or group acts to the coupling: the arm h of every formula. */
export function effectiveOverhang(lengths: RigLengths): number | undefined {
  const wheelbase = effectiveWheelbase(lengths);
  const coupling = couplingPosition(lengths);
  return wheelbase === undefined || coupling === undefined ? undefined : coupling - wheelbase;
}

const onVehicle: Row = { vehicle: everything, trailer: nothing };
const onTrailer: Row = { vehicle: nothing, trailer: everything };

/** One influence row a quantity. The trailer reaches the vehicle only through the coupling: ball load and couple. */
export function rigRows(lengths: RigLengths): Readonly<Record<QuantityName, RowOrMissing>> {
  const towed = towedRows(lengths);
  const rear = axleRow(lengths, towed, 'rear');
  const share = lengths.vehicle?.tagAxle?.driveShare;
  const part = (by: number | undefined): RowOrMissing =>
    by === undefined ? null : rear && 'vehicle' in rear ? scaledRow(by, rear) : rear;
  return {
    vehicleSolo: lengths.vehicle ? onVehicle : null,
    vehicleTotal: lengths.vehicle ? (lengths.trailer ? vehicleTotalRow(towed) : onVehicle) : null,
    frontAxle: axleRow(lengths, towed, 'front'),
    rearAxle: rear,
    driveAxle: part(share),
    tagAxle: part(share === undefined ? undefined : 1 - share),
    trailerTotal: lengths.trailer ? onTrailer : null,
    trailerAxles: towed.axles,
    ballLoad: towed.undistributed,
    ballLoadTowed: towed.ballLoad,
    combination: lengths.trailer && lengths.vehicle ? { vehicle: everything, trailer: everything } : null,
  };
}

interface TowedRows {
  /** Bars off: what the ball limits are judged with. */
  readonly undistributed: RowOrMissing;
  /** As towed, B' = B − τ/A. */
  readonly ballLoad: RowOrMissing;
  /** As towed, G' = G + τ/A. */
  readonly axles: RowOrMissing;
  /** The couple τ between the frames, kg·m. */
  readonly couple: Row | null;
}

function towedRows(lengths: RigLengths): TowedRows {
  if (!lengths.trailer) return { undistributed: null, ballLoad: null, axles: null, couple: null };
  const { axlePosition, said } = lengths.trailer;
  const unsaid = { missing: ['ballLoad'] } as const;
  const shares = said ? sharesAsSaid(said) : axlePosition === undefined ? null : trailerShares(axlePosition);
  if (!shares) return { undistributed: unsaid, ballLoad: unsaid, axles: unsaid, couple: null };
  const fixed = said?.fixed ?? 0;
  const ball: Row = { vehicle: nothing, trailer: shares.ballLoad, ...(fixed === 0 ? {} : { fixed }) };
  const axles: Row = { vehicle: nothing, trailer: shares.axles, ...(fixed === 0 ? {} : { fixed: -fixed }) };
  if (lengths.distribution && axlePosition === undefined) {
    const missing = { missing: ['axlePosition'] } as const;
    return { undistributed: ball, ballLoad: missing, axles: missing, couple: null };
  }
  if (!lengths.distribution || axlePosition === undefined)
    return { undistributed: ball, ballLoad: ball, axles, couple: null };
  const overhang = effectiveOverhang(lengths);
  if (overhang === undefined) {
    const length: LengthName = lengths.vehicle?.wheelbase === undefined ? 'wheelbase' : 'couplingOverhang';
    const unset = { missing: [length] };
    return { undistributed: ball, ballLoad: unset, axles: unset, couple: null };
  }
  const set = coupleOf(lengths.distribution, overhang, axlePosition);
  const pulled = scaledRow(set.perKg, ball);
  const couple: Row = { ...pulled, fixed: (pulled.fixed ?? 0) + set.fixed };
  return {
    undistributed: ball,
    ballLoad: combineRows(ball, -1 / axlePosition, couple),
    axles: combineRows(axles, 1 / axlePosition, couple),
    couple,
  };
}

/** A share follows the trailer's mass; so many kg stay what they are, and the axles carry the rest. */
const sharesAsSaid = ({ share = 0 }: SaidBall): ReturnType<typeof trailerShares> => ({
  ballLoad: { at0: share, perMetre: 0 },
  axles: { at0: 1 - share, perMetre: 0 },
});

const vehicleTotalRow = ({ ballLoad }: TowedRows): RowOrMissing =>
  ballLoad && 'vehicle' in ballLoad ? combineRows(onVehicle, 1, ballLoad) : ballLoad;

/** Front: F0 − B'·h/W + τ/W. Rear: R0 + B'·(W+h)/W − τ/W. */
function axleRow(lengths: RigLengths, towed: TowedRows, axle: 'front' | 'rear'): RowOrMissing {
  if (!lengths.vehicle) return null;
  const wheelbase = effectiveWheelbase(lengths);
  const overhang = effectiveOverhang(lengths);
  const missing: LengthName[] = [];
  if (wheelbase === undefined) missing.push('wheelbase');
  if (lengths.trailer && lengths.vehicle.couplingOverhang === undefined) missing.push('couplingOverhang');
  const pressed = lengths.trailer ? towed.ballLoad : null;
  if (pressed && 'missing' in pressed) missing.push(...pressed.missing.filter((one) => !missing.includes(one)));
  if (wheelbase === undefined || missing.length > 0) return { missing };
  const own: Row = { vehicle: vehicleShares(wheelbase)[axle], trailer: nothing };
  const { ballLoad, couple } = towed;
  if (!ballLoad || !('vehicle' in ballLoad) || overhang === undefined) return own;
  const laden = combineRows(own, throughCoupling(wheelbase, overhang)[axle], ballLoad);
  return couple ? combineRows(laden, (axle === 'front' ? 1 : -1) / wheelbase, couple) : laden;
}
