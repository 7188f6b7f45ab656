import type { Workspace } from '../document/workspace.ts';
import { emptyWorkspace } from '../document/emptyWorkspace.ts';
import { viewRig } from '../document/viewRig.ts';
import type { RigView } from '../loading/rigView.ts';
import type { Camper, Trailer, Vehicle } from '../rig/body.ts';
import type { Hitch } from '../rig/hitch.ts';
import type { LimitName } from '../rig/limitNames.ts';
import { vehicleLimitNames } from '../rig/limitNames.ts';
import { situationIn } from '../situation/situation.ts';

/** The rig of a worked case: point loads, lengths and limits, as its file has them. */
export interface CaseRig {
  readonly vehicle?: CaseVehicle;
  readonly trailer?: CaseTrailer;
  readonly ballLoad?: number;
  readonly limits?: Readonly<Partial<Record<LimitName, number>>>;
  readonly hitch?: { readonly rho?: number; readonly T?: number; readonly extension?: number };
}

interface CaseMass {
  readonly id: string;
  readonly m: number;
  readonly x: number;
  readonly y?: number;
  readonly sigma_m?: number;
  readonly sigma_x?: number;
  readonly zoneHalfLength?: number;
}

interface CaseTank {
  readonly id: string;
  readonly litres: number;
  readonly density: number;
  readonly x: number;
  /** L; left out: full as it stands. */
  readonly capacity?: number;
  readonly sigma_x?: number;
}

interface CaseBody {
  readonly masses?: readonly CaseMass[];
  readonly tanks?: readonly CaseTank[];
}

interface MassAt {
  readonly m: number;
  readonly x: number;
  readonly sigma_m?: number;
  readonly sigma_x?: number;
}

interface CaseTrailer extends CaseBody {
  readonly A: number;
  readonly sigma_A?: number;
  readonly axles: number;
  readonly track?: number;
  readonly bare:
    MassAt | { readonly m: number; readonly B: number; readonly sigma_m?: number; readonly sigma_B?: number };
}

interface CaseVehicle extends CaseBody {
  readonly W?: number;
  readonly sigma_W?: number;
  readonly h?: number;
  readonly sigma_h?: number;
  readonly x_coupling?: number;
  readonly rearGroup?: { readonly x_drive: number; readonly x_tag: number; readonly driveShare: number };
  readonly bare:
    | {
        readonly R_front: number;
        readonly R_rear: number;
        readonly sigma_m?: number;
        readonly sigma_split?: number;
      }
    | MassAt;
  readonly trackFront?: number;
  readonly trackRear?: number;
  readonly camper?: CaseCamper;
  readonly accessories?: readonly {
    readonly id: string;
    readonly on?: { readonly m: number; readonly x: number };
    readonly off?: { readonly m: number; readonly x: number };
  }[];
}

interface CaseCamper extends CaseBody {
  readonly x: number;
  readonly bare: { readonly m: number; readonly x: number };
}

const equipment = (body: CaseBody, id: string) => ({
  plates: [] as Vehicle['plates'],
  fitted: [] as Vehicle['fitted'],
  places: (body.masses ?? []).map((one) => ({
    id: one.id,
    name: one.id,
    kind: 'floor' as const,
    x: one.x,
    ...(one.zoneHalfLength ? { length: 2 * one.zoneHalfLength } : {}),
    ...(one.sigma_x ? { xPlusMinus: 2 * one.sigma_x } : {}),
  })),
  tanks: (body.tanks ?? []).map((one) => ({
    id: one.id,
    name: one.id,
    kind: 'fresh' as const,
    capacityL: one.capacity ?? one.litres,
    densityKgPerL: one.density,
    x: one.x,
    ...(one.sigma_x ? { xPlusMinus: 2 * one.sigma_x } : {}),
  })),
  id,
  name: id,
});

function caseVehicle(given: CaseVehicle, limits: CaseRig['limits']): Vehicle {
  const group = given.rearGroup;
  const wheelbase = group?.x_drive ?? given.W ?? 3;
  const overhang = given.x_coupling === undefined ? (given.h ?? 1) : given.x_coupling - wheelbase;
  const body = equipment(given, 'vehicle');
  const known = vehicleLimitNames.filter((name) => limits?.[name] !== undefined);
  return {
    ...body,
    kind: 'vehicle',
    build: 'car',
    geometry: {
      wheelbase,
      couplingOverhang: overhang,
      plusMinus: { wheelbase: 2 * (given.sigma_W ?? 0), couplingOverhang: 2 * (given.sigma_h ?? 0) },
      ...(group ? { tagAxle: { offset: group.x_tag - group.x_drive, driveShare: group.driveShare } } : {}),
    },
    emptyMass: { basis: 'dry', source: 'other', ...bareAxles(given.bare, wheelbase) },
    seats: [],
    plates: [
      { id: 'p', source: 'other', figures: known.map((limit) => ({ limit, value: limits?.[limit] ?? 0, typed: '' })) },
    ],
    fitted: [
      ...(given.accessories ?? []).map(({ id, on, off }) => ({
        id,
        name: id,
        on: on && { mass: on.m, x: on.x },
        off: off && { mass: off.m, x: off.x },
        inEmptyMass: 'no' as const,
      })),
    ],
  };
}

/** A mass at x as the two axle loads it makes; its ± goes to the whole. */
function bareAxles(bare: CaseVehicle['bare'], wheelbase: number) {
  if ('R_front' in bare) {
    const { R_front, R_rear, sigma_m = 0, sigma_split = 0 } = bare;
    return { frontAxle: R_front, rearAxle: R_rear, plusMinus: 2 * sigma_m, splitPlusMinus: 2 * sigma_split };
  }
  const rearAxle = (bare.m * bare.x) / wheelbase;
  return { frontAxle: bare.m - rearAxle, rearAxle };
}

const caseCamper = (given: CaseCamper): Camper => ({
  ...equipment(given, 'camper'),
  kind: 'camper',
  geometry: {},
  emptyMass: { basis: 'dry', total: given.bare.m, centre: given.bare.x, source: 'other' },
});

function caseTrailer(given: CaseTrailer, limits: CaseRig['limits']): Trailer {
  const names = ['trailerMax', 'trailerAxlesMax'] as const;
  return {
    ...equipment(given, 'trailer'),
    kind: 'trailer',
    braked: true,
    geometry: { axlePosition: given.A, axles: given.axles, plusMinus: { axlePosition: 2 * (given.sigma_A ?? 0) } },
    emptyMass: {
      basis: 'dry',
      total: given.bare.m,
      ballLoad: 'B' in given.bare ? given.bare.B : given.bare.m * (1 - given.bare.x / given.A),
      plusMinus: 2 * (given.bare.sigma_m ?? 0),
      ballLoadPlusMinus: 2 * ('B' in given.bare ? (given.bare.sigma_B ?? 0) : 0),
      source: 'other',
    },
    plates: [
      {
        id: 'p',
        source: 'other',
        figures: names.flatMap((limit) => {
          const value = limits?.[limit];
          return value === undefined ? [] : [{ limit, value, typed: '' }];
        }),
      },
    ],
  };
}

/** A ball load given as a number: a trailer with nothing but that, all of it on the coupling. */
const presses = (ballLoad: number): CaseTrailer => ({ A: 4, axles: 1, bare: { m: ballLoad, x: 0 } });

const standIn: CaseVehicle = { W: 3, h: 1, bare: { R_front: 1000, R_rear: 1000 } };

function caseHitch({ rho, T, extension }: NonNullable<CaseRig['hitch']>): Hitch {
  const distribution: Hitch['distribution'] =
    T === undefined ? { kind: 'fraction', fraction: rho ?? 0 } : { kind: 'couple', coupleNm: T };
  return { distribution, ...(extension === undefined ? {} : { extension }) };
}

/** A whole document out of a worked case, so that the case runs through everything a real rig runs through. */
function caseWorkspace(given: CaseRig): Workspace {
  const trailer = given.trailer ?? (given.ballLoad === undefined ? undefined : presses(given.ballLoad));
  const vehicle = given.vehicle ?? standIn;
  const pairs = [
    ['vehicle', vehicle],
    ['trailer', trailer],
    ['camper', vehicle.camper],
  ] as const;
  const masses = pairs.flatMap(([body, one]) => (one?.masses ?? []).map((mass) => ({ body, ...mass })));
  return {
    ...emptyWorkspace('case', 'case'),
    bodies: [
      caseVehicle(vehicle, given.limits),
      ...(trailer ? [caseTrailer(trailer, given.limits)] : []),
      ...(vehicle.camper ? [caseCamper(vehicle.camper)] : []),
    ],
    things: masses.map(({ body, id, m, sigma_m }) => ({
      id: `${body}-${id}`,
      name: id,
      mass: m,
      ...(sigma_m ? { plusMinus: 2 * sigma_m } : {}),
    })),
    loadouts: [
      {
        id: 'loadout',
        name: 'loadout',
        crew: [],
        placements: masses.map(({ body, id }) => ({ thing: `${body}-${id}`, count: 1, body, place: id })),
        tankLevels: pairs.flatMap(([body, one]) =>
          (one?.tanks ?? []).map((tank) => ({
            body,
            tank: tank.id,
            fraction: tank.capacity ? tank.litres / tank.capacity : 1,
          })),
        ),
      },
    ],
    situations: [situationIn('here', 'here', 'AU')],
    rigs: [
      {
        id: 'rig',
        name: 'rig',
        vehicle: 'vehicle',
        ...(trailer ? { trailer: 'trailer' } : {}),
        ...(vehicle.camper ? { camper: { body: 'camper', x: vehicle.camper.x } } : {}),
        ...(given.hitch ? { hitch: caseHitch(given.hitch) } : {}),
        situation: 'here',
        loadout: 'loadout',
      },
    ],
  };
}

/**
 * A body placed by its centre of mass, with a doubt: as one thing at that place on a body that weighs nothing by itself, since
 * an empty body in a file is known by its loads, and those stay where its axles are.
 */
function placed<Body extends CaseVehicle | CaseTrailer>(body: Body, empty: Body['bare']): Body {
  const { bare } = body;
  if (!('x' in bare) || (bare.sigma_m === undefined && bare.sigma_x === undefined)) return body;
  return { ...body, bare: empty, masses: [{ id: 'bare', ...bare }, ...(body.masses ?? [])] };
}

/** The same, ready to be assessed. */
export function caseView(rig: CaseRig): RigView {
  const given: CaseRig = {
    ...rig,
    ...(rig.vehicle ? { vehicle: placed(rig.vehicle, { R_front: 0, R_rear: 0 }) } : {}),
    ...(rig.trailer ? { trailer: placed(rig.trailer, { m: 0, B: 0 }) } : {}),
  };
  const view = viewRig(caseWorkspace(given), 'rig');
  if (!view) throw new Error('a case without a rig');
  return view;
}

/** The vehicle of a rig that is known to have one. */
export function vehicleOf(view: RigView): Vehicle {
  if (!view.vehicle) throw new Error('this rig should have a vehicle');
  return view.vehicle;
}

/** The check of each limit a case names. */
export const limitRules: Readonly<Record<string, string>> = {
  vehicleMax: 'vehicle.max',
  frontAxleMax: 'axle.front',
  rearAxleMax: 'axle.rear',
  combinationMax: 'combination.max',
  towBraked: 'tow.braked',
  trailerMax: 'trailer.max',
  trailerAxlesMax: 'trailer.axles',
  ballMax: 'ball.max',
};
