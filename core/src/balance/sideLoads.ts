import { tyreCapacity } from '../limits/tyreCapacity.ts';
import type { PlannedOrWeighed } from '../loads/plannedOrWeighed.ts';
import type { Body } from '../rig/body.ts';
import type { GearAxle } from '../rig/runningGear.ts';
import type { CheckStatus } from '../checks/check.ts';
import { judge } from '../checks/judge.ts';
import { vehicleShares } from '../statics/bodyRows.ts';
import type { PointLoad, Side } from '../statics/pointLoad.ts';
import { effectiveWheelbase } from '../statics/rigRows.ts';
import { trailerWheelLoads, vehicleWheelLoads, type WheelPair } from '../statics/wheelLoads.ts';

/** One end of an axle (or of a trailer's axle group): kg on its wheels, what their tyres carry, and what is left. */
export interface WheelEnd {
  readonly load: number;
  /** null: the tyres have not been read. */
  readonly limit: number | null;
  readonly left: number | null;
  readonly status: CheckStatus;
}

/** An axle or axle group, left and right. */
interface SideLoad {
  readonly axle: Exclude<GearAxle, 'tag'>;
  readonly side: Side;
  /** m from the side's own datum. */
  readonly x: number;
  readonly ends: { readonly left: WheelEnd; readonly right: WheelEnd } | null;
  /** ± of the difference of an end from half the axle, one standard deviation, kg. */
  readonly sigma: number;
  /** What is missing: the track, the load on the axle itself, or which side of it bears what (a slip shows axles). */
  readonly missing: 'track' | 'load' | 'sides' | null;
}

export interface SideLoads {
  readonly axles: readonly SideLoad[];
  /** kg of what is loaded of which nobody has said on which side it lies: counted on the centre line. */
  readonly unsided: number;
}

const loaded: readonly PointLoad['origin'][] = ['crew', 'tank', 'thing', 'fitted'];

/**
 * Wheel loads by side from where things lie across the bodies. The empty bodies count as balanced. A trailer's axle takes
 * all of its roll moment; a vehicle's two axles share it by a convention, so only their sum is exact.
 */
export function sideLoads(loads: PlannedOrWeighed): SideLoads {
  const sided = pointsOf(loads).filter((load) => loaded.includes(load.origin) && load.mass > 0);
  const unsided = sided.reduce((sum, load) => (load.y === undefined ? sum + load.mass : sum), 0);
  return { axles: [...vehicleAxles(loads), ...trailerAxle(loads)], unsided };
}

/** What lies where is the plan's alone: a scale does not look inside. */
const pointsOf = (loads: PlannedOrWeighed): readonly PointLoad[] => (loads.from !== 'slip' ? loads.points : []);

type Share = (x: number) => number;
type AxlePlan = Pick<SideLoad, 'axle' | 'side' | 'x'> & {
  readonly quantity: 'frontAxle' | 'rearAxle' | 'trailerAxles';
  readonly track: number | undefined;
  /** How much of each kg at x its axle takes; null: all of it. */
  readonly share: Share | null;
};

function vehicleAxles(loads: PlannedOrWeighed): readonly SideLoad[] {
  const { vehicle } = loads.view;
  const wheelbase = effectiveWheelbase(loads.lengths);
  if (!vehicle || wheelbase === undefined) return [];
  const { front, rear } = vehicleShares(wheelbase);
  const { frontTrack, rearTrack } = vehicle.geometry;
  const of =
    (row: typeof front): Share =>
    (x) =>
      row.at0 + row.perMetre * x;
  const base = { side: 'vehicle' } as const;
  return [
    split(loads, { ...base, axle: 'front', x: 0, quantity: 'frontAxle', track: frontTrack, share: of(front) }),
    split(loads, { ...base, axle: 'rear', x: wheelbase, quantity: 'rearAxle', track: rearTrack, share: of(rear) }),
  ];
}

function trailerAxle(loads: PlannedOrWeighed): readonly SideLoad[] {
  const { trailer } = loads.view;
  const x = trailer?.geometry.axlePosition;
  if (!trailer || x === undefined) return [];
  const { track } = trailer.geometry;
  return [split(loads, { axle: 'trailer', side: 'trailer', x, quantity: 'trailerAxles', track, share: null })];
}

function split(loads: PlannedOrWeighed, plan: AxlePlan): SideLoad {
  const { axle, side, x, quantity, track, share } = plan;
  const value = loads.values[quantity];
  const base = { axle, side, x, ends: null, sigma: 0, missing: null };
  if (value.kind !== 'known') return { ...base, missing: 'load' };
  if (loads.from === 'slip') return { ...base, missing: 'sides' };
  if (track === undefined) return { ...base, missing: 'track' };
  const lateral = loads.points.filter((load) => load.side === side && load.x !== null && load.y !== undefined);
  const masses = lateral.map(({ mass, x: at, y }) => ({ mass, x: at ?? 0, y: y ?? 0 }));
  const pair = share
    ? vehicleWheelLoads(value.value, track, masses, share)
    : trailerWheelLoads(value.value, track, masses);
  const spread = lateral.reduce((sum, load) => {
    const taken = share ? share(load.x ?? 0) : 1;
    return sum + ((taken * load.mass * (load.sigmaY ?? 0)) / track) ** 2;
  }, 0);
  const sigma = Math.sqrt(spread + (value.sigma / 2) ** 2);
  const limit = endCapacity(loads.view[side], axle);
  const reserve = loads.view.situation.reserve ?? 0;
  return { ...base, sigma, ends: ends(pair, limit, sigma, reserve) };
}

/** What the tyres at one end of an axle carry, kg; null where they have not been read. */
function endCapacity(body: Body | undefined, axle: GearAxle): number | null {
  const gears = body && 'gear' in body ? (body.gear ?? []) : [];
  const own = gears.filter((one) => one.axle === axle || (axle === 'rear' && one.axle === 'tag'));
  if (own.length === 0) return null;
  return own.reduce<number | null>((sum, { loadIndex, twinned, wheels }) => {
    const tyres = loadIndex === undefined ? null : tyreCapacity(loadIndex, twinned ?? false, wheels);
    return sum === null || !tyres ? null : sum + tyres.capacity / 2;
  }, 0);
}

function ends({ left, right }: WheelPair, limit: number | null, sigma: number, reserve: number): SideLoad['ends'] {
  const end = (load: number): WheelEnd => {
    if (limit === null) return { load, limit, left: null, status: 'unknown' };
    return { load, limit, left: limit - load, status: judge(limit - load, sigma, reserve) };
  };
  return { left: end(left), right: end(right) };
}
