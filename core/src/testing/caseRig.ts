import type { Workspace } from '../exchange/workspace.ts';
import { emptyWorkspace } from '../exchange/workspace.ts';
import { viewRig, type RigView } from '../loading/rigView.ts';
import type { Trailer, Vehicle } from '../rig/body.ts';
import type { LimitName } from '../rig/limitNames.ts';
import { vehicleLimitNames } from '../rig/limitNames.ts';
import { situationIn } from '../situation/situation.ts';

/** The rig of a worked case: point loads, lengths and limits, as its file has them. */
export interface CaseRig {
  readonly vehicle?: CaseVehicle;
  readonly trailer?: CaseTrailer;
  readonly ballLoad?: number;
  readonly limits?: Readonly<Partial<Record<LimitName, number>>>;
}

interface CaseMass {
  readonly id: string;
  readonly m: number;
  readonly x: number;
  readonly y?: number;
}

interface CaseTank {
  readonly id: string;
  readonly litres: number;
  readonly density: number;
  readonly x: number;
}

interface CaseBody {
  readonly masses?: readonly CaseMass[];
  readonly tanks?: readonly CaseTank[];
}

interface CaseTrailer extends CaseBody {
  readonly A: number;
  readonly axles: number;
  readonly track?: number;
  readonly bare: { readonly m: number; readonly x: number };
}

interface CaseVehicle extends CaseBody {
  readonly W?: number;
  readonly h?: number;
  readonly x_coupling?: number;
  readonly rearGroup?: { readonly x_drive: number; readonly x_tag: number; readonly driveShare: number };
  readonly bare: { readonly R_front: number; readonly R_rear: number };
  readonly trackFront?: number;
  readonly trackRear?: number;
  readonly camper?: CaseBody & { readonly x: number; readonly bare: { readonly m: number; readonly x: number } };
  readonly accessories?: readonly {
    readonly id: string;
    readonly on?: { readonly m: number; readonly x: number };
    readonly off?: { readonly m: number; readonly x: number };
  }[];
}

const equipment = (body: CaseBody, id: string) => ({
  plates: [] as Vehicle['plates'],
  fitted: [] as Vehicle['fitted'],
  places: (body.masses ?? []).map((one) => ({ id: one.id, name: one.id, kind: 'floor' as const, x: one.x })),
  tanks: (body.tanks ?? []).map((one) => ({
    id: one.id,
    name: one.id,
    kind: 'fresh' as const,
    capacityL: one.litres,
    densityKgPerL: one.density,
    x: one.x,
  })),
  id,
  name: id,
});

function caseVehicle(given: CaseVehicle, limits: CaseRig['limits']): Vehicle {
  const group = given.rearGroup;
  const wheelbase = group?.x_drive ?? given.W ?? 3;
  const overhang = given.x_coupling === undefined ? (given.h ?? 1) : given.x_coupling - wheelbase;
  const camper = given.camper;
  const carried = camper
    ? [
        { id: 'camper', m: camper.bare.m, x: camper.bare.x },
        ...(camper.masses ?? []),
        ...(camper.tanks ?? []).map((tank) => ({ id: tank.id, m: tank.litres * tank.density, x: tank.x })),
      ].map((mass) => ({ ...mass, x: mass.x + camper.x }))
    : [];
  const body = equipment(given, 'vehicle');
  const known = vehicleLimitNames.filter((name) => limits?.[name] !== undefined);
  return {
    ...body,
    kind: 'vehicle',
    build: 'car',
    geometry: {
      wheelbase,
      couplingOverhang: overhang,
      ...(group ? { tagAxle: { offset: group.x_tag - group.x_drive, driveShare: group.driveShare } } : {}),
    },
    emptyMass: { basis: 'dry', frontAxle: given.bare.R_front, rearAxle: given.bare.R_rear, source: 'other' },
    seats: [],
    plates: [
      { id: 'p', source: 'other', figures: known.map((limit) => ({ limit, value: limits?.[limit] ?? 0, typed: '' })) },
    ],
    fitted: [
      ...carried.map((mass) => ({
        id: mass.id,
        name: mass.id,
        on: { mass: mass.m, x: mass.x },
        inEmptyMass: 'no' as const,
      })),
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

function caseTrailer(given: CaseTrailer, limits: CaseRig['limits']): Trailer {
  const names = ['trailerMax', 'trailerAxlesMax'] as const;
  return {
    ...equipment(given, 'trailer'),
    kind: 'trailer',
    braked: true,
    geometry: { axlePosition: given.A, axles: given.axles },
    emptyMass: {
      basis: 'dry',
      total: given.bare.m,
      ballLoad: given.bare.m * (1 - given.bare.x / given.A),
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

/** A whole document out of a worked case, so that the case runs through everything a real rig runs through. */
function caseWorkspace(given: CaseRig): Workspace {
  const trailer = given.trailer ?? (given.ballLoad === undefined ? undefined : presses(given.ballLoad));
  const vehicle = given.vehicle ?? standIn;
  const pairs = [
    ['vehicle', vehicle],
    ['trailer', trailer],
  ] as const;
  const masses = pairs.flatMap(([body, one]) => (one?.masses ?? []).map((mass) => ({ body, ...mass })));
  return {
    ...emptyWorkspace('case', 'case'),
    bodies: [caseVehicle(vehicle, given.limits), ...(trailer ? [caseTrailer(trailer, given.limits)] : [])],
    things: masses.map(({ body, id, m }) => ({ id: `${body}-${id}`, name: id, mass: m })),
    loadouts: [
      {
        id: 'loadout',
        name: 'loadout',
        crew: [],
        placements: masses.map(({ body, id }) => ({ thing: `${body}-${id}`, count: 1, body, place: id })),
        tankLevels: pairs.flatMap(([body, one]) =>
          (one?.tanks ?? []).map((tank) => ({ body, tank: tank.id, fraction: 1 })),
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
        situation: 'here',
        loadout: 'loadout',
      },
    ],
  };
}

/** The same, ready to be assessed. */
export function caseView(given: CaseRig): RigView {
  const view = viewRig(caseWorkspace(given), 'rig');
  if (!view) throw new Error('a case without a rig');
  return view;
}
