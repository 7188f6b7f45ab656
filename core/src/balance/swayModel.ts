import type { Compiled } from '../loads/compile.ts';
import { gravity } from '../statics/distribution.ts';
import { isBare } from '../loading/payloadOrigins.ts';
import type { PointLoad, Side } from '../statics/pointLoad.ts';
import type { SwayModel } from './sway.ts';

/** What no owner can measure of a rig, and swaying leans on. */
export interface SwayFacts {
  /** Of the vehicle as it is loaded, about its centre, and of the empty trailer about its own: kg·m². */
  readonly vehicleInertia: number;
  readonly bareInertia: number;
  /** Cornering stiffness of the tyres of an axle over the load on it, 1/rad. */
  readonly cornering: { readonly front: number; readonly rear: number; readonly trailer: number };
}

interface Lump {
  readonly mass: number;
  readonly centre: number;
  /** kg·m² about the centre. */
  readonly inertia: number;
}

/** One side as one mass: an empty body's own inertia, and everything else as points. null: nobody knows what it weighs, or where. */
function lumpOf({ points, massMissing, placeMissing }: Compiled, side: Side, bareInertia: number): Lump | null {
  if (massMissing[side].length + placeMissing[side].length > 0) return null;
  const own = points.filter((load) => load.side === side);
  const sum = (list: readonly PointLoad[], of: (load: PointLoad) => number) =>
    list.reduce((total, load) => total + of(load), 0);
  const mass = sum(own, (load) => load.mass);
  if (mass <= 0) return null;
  const moment = (load: PointLoad) => load.mass * (load.x ?? 0);
  const centre = sum(own, moment) / mass;
  const empty = own.filter(isBare);
  const emptyMass = sum(empty, (load) => load.mass);
  const emptyCentre = emptyMass > 0 ? sum(empty, moment) / emptyMass : centre;
  const loaded = own.filter((load) => !isBare(load));
  const inertia =
    bareInertia +
    emptyMass * (emptyCentre - centre) ** 2 +
    sum(loaded, (load) => load.mass * ((load.x ?? 0) - centre) ** 2);
  return { mass, centre, inertia };
}

/**
 * A rig as it is loaded, as far as its swaying goes; what nobody can measure of it is given. null where no trailer is towed, or a mass,
 * a place or a length is not known.
 */
export function swayModelOf(loads: Compiled, facts: SwayFacts): SwayModel | null {
  const { lengths, values } = loads;
  const [wheelbase, overhang] = [lengths.vehicle?.wheelbase, lengths.vehicle?.couplingOverhang];
  const axle = lengths.trailer?.axlePosition;
  const { frontAxle, rearAxle, trailerAxles } = values;
  const [vehicle, trailer] = [lumpOf(loads, 'vehicle', 0), lumpOf(loads, 'trailer', facts.bareInertia)];
  if (!vehicle || !trailer || wheelbase === undefined || overhang === undefined || axle === undefined) return null;
  if (frontAxle.kind !== 'known' || rearAxle.kind !== 'known' || trailerAxles.kind !== 'known') return null;
  const stiffness = (load: number, cornering: number) => cornering * load * gravity;
  return {
    vehicleMass: vehicle.mass,
    vehicleInertia: facts.vehicleInertia,
    toFront: vehicle.centre,
    toRear: wheelbase - vehicle.centre,
    toCoupling: wheelbase + overhang - vehicle.centre,
    trailerMass: trailer.mass,
    trailerInertia: trailer.inertia,
    trailerCentre: trailer.centre,
    trailerAxle: axle,
    frontStiffness: stiffness(frontAxle.value, facts.cornering.front),
    rearStiffness: stiffness(rearAxle.value, facts.cornering.rear),
    trailerStiffness: stiffness(trailerAxles.value, facts.cornering.trailer),
  };
}
