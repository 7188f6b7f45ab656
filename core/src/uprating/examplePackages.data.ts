import type { UpratePackage } from './upratePackage.ts';

type Example = Omit<UpratePackage, 'name' | 'currency'>;
type Limits = UpratePackage['limits'];

/** Certifier, parts, fitting, authority, in that order; nothing where there is no such bill. */
const bills = (certifier: number, parts: number, fitting: number, authority: number): UpratePackage['costs'] =>
  (
    [
      ['certifier', certifier],
      ['parts', parts],
      ['fitting', fitting],
      ['authority', authority],
    ] as const
  )
    .filter(([, amount]) => amount > 0)
    .map(([kind, amount]) => ({ kind, amount, taxIncluded: true }));

type Change = readonly [limit: Limits[number]['limit'], by: number];

const raise = (...changes: Change[]): Limits => changes.map(([limit, by]) => ({ limit, by }));
const raisePart = (part: NonNullable<Limits[number]['part']>, ...changes: Change[]): Limits =>
  raise(...changes).map((one) => ({ ...one, part }));

/** Only one of these sets the plate of the vehicle anew. */
const wholeVehicle = ['paper', 'airSprings', 'springsAll', 'rearAxle', 'chassis', 'beforeRegistration', 'downrate3500'];
const wholeTrailer = ['trailerPaper', 'trailerAxle', 'trailerDown'];
const besides = (id: string, all: readonly string[]): string[] => all.filter((one) => one !== id);

const vehicle = (one: Omit<Example, 'of'>): Example => ({
  ...one,
  of: 'vehicle',
  ...(wholeVehicle.includes(one.id) ? { excludes: besides(one.id, wholeVehicle) } : {}),
});
const trailer = (one: Omit<Example, 'of'>): Example => ({
  ...one,
  of: 'trailer',
  ...(wholeTrailer.includes(one.id) ? { excludes: besides(one.id, wholeTrailer) } : {}),
});

/**
 * Generic packages with invented figures and prices, to try the bench with. None of them is an offer, and what can really be had
 * for a vehicle only its maker, a certifier or a workshop can say. Names, papers and conditions are in the catalogue.
 */
export const examplePackages: readonly Example[] = [
  vehicle({
    id: 'paper',
    kind: 'paper',
    route: 'paperOnly',
    limits: raise(['vehicleMax', 120]),
    adds: [],
    costs: bills(390, 0, 0, 60),
  }),
  vehicle({
    id: 'airSprings',
    kind: 'airSprings',
    route: 'workshop',
    limits: raise(['vehicleMax', 280], ['rearAxleMax', 160]),
    adds: [{ mass: 24 }],
    costs: bills(350, 1150, 620, 60),
  }),
  vehicle({
    id: 'springsAll',
    kind: 'afterRegistration',
    route: 'workshop',
    limits: raise(['vehicleMax', 450], ['frontAxleMax', 120], ['rearAxleMax', 300]),
    adds: [{ mass: 38 }],
    costs: bills(550, 2400, 1300, 90),
  }),
  vehicle({
    id: 'frontSprings',
    kind: 'frontSprings',
    route: 'workshop',
    limits: raise(['frontAxleMax', 100]),
    adds: [{ mass: 4, x: 0 }],
    costs: bills(200, 420, 380, 0),
    excludes: ['springsAll', 'beforeRegistration', 'chassis'],
  }),
  vehicle({
    id: 'tyres',
    kind: 'tyres',
    route: 'workshop',
    limits: [],
    gear: [
      { axle: 'front', loadIndex: '121' },
      { axle: 'rear', loadIndex: '121' },
    ],
    adds: [{ mass: 9 }],
    costs: bills(0, 980, 110, 0),
  }),
  vehicle({
    id: 'wheels',
    kind: 'wheels',
    route: 'workshop',
    limits: [],
    gear: [
      { axle: 'front', wheelRating: 1400 },
      { axle: 'rear', wheelRating: 1400 },
    ],
    adds: [{ mass: 7 }],
    costs: bills(0, 860, 90, 0),
  }),
  vehicle({
    id: 'rearAxle',
    kind: 'axle',
    route: 'maker',
    limits: raise(['vehicleMax', 350], ['rearAxleMax', 400]),
    adds: [{ mass: 46 }],
    costs: bills(620, 3900, 1900, 90),
  }),
  vehicle({
    id: 'vehicleBrakes',
    kind: 'brakes',
    route: 'maker',
    limits: raise(['frontAxleMax', 60], ['combinationMax', 200]),
    adds: [{ mass: 11, x: 0 }],
    costs: bills(300, 1250, 540, 0),
  }),
  vehicle({
    id: 'towBar',
    kind: 'coupling',
    route: 'workshop',
    limits: raisePart('towBar', ['ballMax', 40], ['towBraked', 300]),
    adds: [{ mass: 8 }],
    costs: bills(0, 540, 320, 0),
  }),
  vehicle({
    id: 'chassis',
    kind: 'chassis',
    route: 'maker',
    limits: raise(['vehicleMax', 600], ['frontAxleMax', 150], ['rearAxleMax', 450]),
    adds: [{ mass: 95 }],
    costs: bills(900, 5200, 3600, 120),
  }),
  vehicle({
    id: 'beforeRegistration',
    kind: 'beforeRegistration',
    route: 'beforeRegistration',
    regions: ['au'],
    limits: raise(['vehicleMax', 500], ['frontAxleMax', 150], ['rearAxleMax', 350]),
    adds: [{ mass: 42 }],
    costs: bills(700, 2600, 1400, 0),
  }),
  vehicle({
    id: 'combination',
    kind: 'combination',
    route: 'workshop',
    limits: raise(['combinationMax', 300]),
    adds: [{ mass: 12, x: 0.2 }],
    costs: bills(400, 900, 450, 0),
  }),
  vehicle({
    id: 'downrate3500',
    kind: 'downrate',
    route: 'paperOnly',
    limits: [{ limit: 'vehicleMax', to: 3500 }],
    adds: [],
    costs: bills(320, 0, 0, 60),
  }),
  trailer({
    id: 'trailerPaper',
    kind: 'paper',
    route: 'maker',
    limits: raise(['trailerMax', 100]),
    adds: [],
    costs: bills(240, 0, 0, 50),
  }),
  trailer({
    id: 'trailerAxle',
    kind: 'axle',
    route: 'workshop',
    limits: raise(['trailerMax', 300], ['trailerAxlesMax', 300]),
    adds: [{ mass: 22 }],
    costs: bills(300, 1450, 700, 50),
  }),
  trailer({
    id: 'trailerTyres',
    kind: 'tyres',
    route: 'workshop',
    limits: [],
    gear: [{ axle: 'trailer', loadIndex: '112' }],
    adds: [{ mass: 5 }],
    costs: bills(0, 460, 60, 0),
  }),
  trailer({
    id: 'trailerBrakes',
    kind: 'brakes',
    route: 'workshop',
    limits: raisePart('brakes', ['trailerPartMax', 250]),
    adds: [{ mass: 9 }],
    costs: bills(150, 620, 380, 0),
  }),
  trailer({
    id: 'couplingHead',
    kind: 'coupling',
    route: 'workshop',
    limits: raisePart('couplingHead', ['ballMax', 50], ['trailerPartMax', 300]),
    adds: [{ mass: 3, x: 0.1 }],
    costs: bills(0, 280, 140, 0),
  }),
  trailer({
    id: 'drawbar',
    kind: 'drawbar',
    route: 'workshop',
    limits: raisePart('drawbar', ['ballMax', 50], ['trailerPartMax', 300]),
    adds: [{ mass: 16, x: 0.6 }],
    costs: bills(200, 740, 420, 0),
  }),
  trailer({
    id: 'trailerDown',
    kind: 'downrate',
    route: 'maker',
    limits: raise(['trailerMax', -150]),
    adds: [],
    costs: bills(200, 0, 0, 50),
  }),
];
