import type { RigView } from '../loading/rigView.ts';
import type { Trailer, Vehicle } from '../rig/body.ts';
import type { LimitName, PlateSource } from '../rig/limitNames.ts';
import type { RunningGear } from '../rig/runningGear.ts';
import type { Country } from '../situation/countries.ts';
import { situationIn, type AustralianState, type Situation } from '../situation/situation.ts';
import { caseView, vehicleOf, type CaseRig } from './caseRig.ts';

/**
 * A plain car and trailer whose loads are round numbers: front 950, rear 1,050, vehicle 2,000, ball load 100, trailer axles
 * 900, trailer 1,000, both together 2,900 kg.
 */
const towing: CaseRig = {
  vehicle: { W: 2, h: 1, bare: { R_front: 1000, R_rear: 900 } },
  trailer: { A: 4, axles: 1, bare: { m: 1000, x: 3.6 } },
};

export interface Made {
  readonly country?: Country;
  readonly state?: AustralianState;
  readonly limits?: Readonly<Partial<Record<LimitName, number>>>;
  /** The trailer's own mass, with a tenth of it on the ball. */
  readonly trailerMass?: number;
  readonly ballLoad?: number;
  readonly alone?: boolean;
  readonly vehicle?: Partial<Vehicle>;
  readonly trailer?: Partial<Trailer>;
  readonly situation?: Partial<Situation>;
}

/** A rig for one line of the matrix: the plain one, with what the line is about. */
export function made(of: Made): RigView {
  const mass = of.trailerMass ?? 1000;
  const ball = of.ballLoad ?? mass / 10;
  const trailer = { A: 4, axles: 1, bare: { m: mass, x: 4 * (1 - ball / mass) } };
  const view = caseView({ ...towing, trailer: of.alone ? undefined : trailer });
  const country = of.country ?? 'AU';
  const state = of.state ? { state: of.state } : {};
  const here = { country, ...state };
  const limits = Object.entries(of.limits ?? {});
  const plate = {
    id: 'made',
    source: 'other' as const,
    figures: limits.map(([limit, value]) => ({ limit: limit as LimitName, value, typed: '' })),
  };
  const own = plate.figures.length > 0 ? [plate] : [];
  return {
    ...view,
    vehicle: { ...vehicleOf(view), plates: own, ...of.vehicle },
    trailer: view.trailer && { ...view.trailer, plates: own, ...of.trailer },
    situation: {
      ...situationIn('here', 'here', country),
      vehicle: here,
      trailer: here,
      travel: here,
      ...of.situation,
    },
  };
}

/** The same with nobody knowing what the bodies weigh. */
export const weightless = (view: RigView): RigView => ({
  ...view,
  vehicle: view.vehicle && { ...view.vehicle, emptyMass: undefined },
  trailer: view.trailer && { ...view.trailer, emptyMass: undefined },
});

export const gearOn = (axle: RunningGear['axle'], rest: Partial<RunningGear>): { gear: RunningGear[] } => ({
  gear: [{ id: 'gear', axle, wheels: 2, ...rest }],
});

export const plateOf = (source: PlateSource, limit: LimitName, value: number): Vehicle['plates'][number] => ({
  id: source,
  source,
  figures: [{ limit, value, typed: '' }],
});

export const fuelTank: Partial<Vehicle> = {
  tanks: [{ id: 'fuel', name: 'fuel', kind: 'fuel', capacityL: 50, densityKgPerL: 0.8, x: 1 }],
};
