import { dValueKn } from '../limits/dValue.ts';
import { typicalOverhang, typicalWheelbase } from '../library/typicalRanges.ts';
import type { RigView } from '../loading/rigView.ts';
import type { Vehicle } from '../rig/body.ts';
import { platedLimit } from '../rig/plated.ts';
import { bandFor } from '../rules/ballBand.ts';
import { judge } from '../verdict/assess.ts';

/** What a car must be able to do, in the order in which one asks its papers. */
type NeedName = 'towing' | 'ball' | 'payload' | 'rearAxle' | 'combination' | 'dValue';

/** One line of the list to take along; null: not known. kg, of the D-value kN. */
export interface Need {
  readonly name: NeedName;
  /** For the trailer as it is loaded in the plan. */
  readonly loaded: number | null;
  /** For the trailer loaded to its plate. */
  readonly plated: number | null;
  /** Part of it rests on what is usual of cars, or on the usual band. */
  readonly usual: boolean;
}

/** What the list holds beside its figures. */
export interface CarNeeds {
  readonly needs: readonly Need[];
  /** The trailer has electric brakes: a controller in the car. */
  readonly controller: boolean;
  /** Nothing brakes it: the far lower towing limit for unbraked trailers counts. */
  readonly unbraked: boolean;
  /** kg: the car of which the D-value is asked. */
  readonly dValueFor: number;
}

const anyCar: Vehicle = {
  id: 'any-car',
  name: '?',
  kind: 'vehicle',
  build: 'car',
  geometry: {},
  seats: [],
  plates: [],
  fitted: [],
  places: [],
  tanks: [],
};
/** kg: a middling car, where nobody names one. */
const middlingCar = 2300;

/**
 * What a car must be able to do for this trailer: as it is loaded, and loaded to its plate with the heavy end of the usual band
 * on the coupling. The lever of its rear axle is that of the car in hand, or the usual one. null: no trailer.
 */
export function carNeeds(view: RigView): CarNeeds | null {
  const { trailer, vehicle } = view;
  if (!trailer) return null;
  const { loads } = judge(view);
  const known = (name: 'trailerTotal' | 'ballLoad') => {
    const value = loads.values[name];
    return value.kind === 'known' ? value.value : null;
  };
  const plate = platedLimit(view, 'trailerMax', [trailer]).value;
  const times = (a: number | null, by: number) => (a === null ? null : a * by);
  const total = { loaded: known('trailerTotal'), plated: plate };
  const ball = { loaded: known('ballLoad'), plated: times(plate, bandFor(loads).high) };
  const wheelbase = vehicle?.geometry.wheelbase ?? typicalWheelbase(vehicle ?? anyCar).middle;
  const overhang = vehicle?.geometry.couplingOverhang ?? typicalOverhang(vehicle ?? anyCar).middle;
  const lever = 1 + overhang / wheelbase;
  const isUsual = vehicle?.geometry.wheelbase === undefined || vehicle.geometry.couplingOverhang === undefined;
  const dValueFor = (vehicle && platedLimit(view, 'vehicleMax', [vehicle]).value) ?? middlingCar;
  const force = (of: number | null) => (of === null ? null : dValueKn(dValueFor, of));
  return {
    needs: [
      { name: 'towing', ...total, usual: false },
      { name: 'ball', ...ball, usual: false },
      { name: 'payload', ...ball, usual: false },
      { name: 'rearAxle', loaded: times(ball.loaded, lever), plated: times(ball.plated, lever), usual: isUsual },
      { name: 'combination', ...total, usual: false },
      { name: 'dValue', loaded: force(total.loaded), plated: force(total.plated), usual: false },
    ],
    controller: trailer.brakeKind === 'electric',
    unbraked: !trailer.braked,
    dValueFor,
  };
}
