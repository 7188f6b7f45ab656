import type { UpratePackage } from './upratePackage.ts';

type Example = Omit<UpratePackage, 'name' | 'currency'>;
const cost = (kind: UpratePackage['costs'][number]['kind'], amount: number) => ({ kind, amount, taxIncluded: true });

/**
 * Generic packages with invented figures and prices, to try the bench with. None of them is an offer, and what can really be had
 * for a vehicle only its maker, a certifier or a workshop can say. Names are in the catalogue.
 */
export const examplePackages: readonly Example[] = [
  {
    id: 'paper',
    kind: 'paper',
    of: 'vehicle',
    limits: [{ limit: 'vehicleMax', by: 120 }],
    adds: [],
    costs: [cost('certifier', 390), cost('authority', 60)],
    excludes: ['airSprings', 'springsAll'],
  },
  {
    id: 'airSprings',
    kind: 'airSprings',
    of: 'vehicle',
    limits: [
      { limit: 'vehicleMax', by: 280 },
      { limit: 'rearAxleMax', by: 160 },
    ],
    adds: [{ mass: 24 }],
    costs: [cost('parts', 1150), cost('fitting', 620), cost('certifier', 350), cost('authority', 60)],
    excludes: ['paper', 'springsAll'],
  },
  {
    id: 'springsAll',
    kind: 'afterRegistration',
    of: 'vehicle',
    limits: [
      { limit: 'vehicleMax', by: 450 },
      { limit: 'frontAxleMax', by: 120 },
      { limit: 'rearAxleMax', by: 300 },
    ],
    adds: [{ mass: 38 }],
    costs: [cost('parts', 2400), cost('fitting', 1300), cost('certifier', 550), cost('authority', 90)],
    excludes: ['paper', 'airSprings'],
  },
  {
    id: 'frontSprings',
    kind: 'frontSprings',
    of: 'vehicle',
    limits: [{ limit: 'frontAxleMax', by: 100 }],
    adds: [{ mass: 4, x: 0 }],
    costs: [cost('parts', 420), cost('fitting', 380), cost('certifier', 200)],
    excludes: ['springsAll'],
  },
  {
    id: 'combination',
    kind: 'combination',
    of: 'vehicle',
    limits: [{ limit: 'combinationMax', by: 300 }],
    adds: [{ mass: 12, x: 0.2 }],
    costs: [cost('parts', 900), cost('fitting', 450), cost('certifier', 400)],
  },
  {
    id: 'trailerPaper',
    kind: 'paper',
    of: 'trailer',
    limits: [{ limit: 'trailerMax', by: 100 }],
    adds: [],
    costs: [cost('certifier', 240), cost('authority', 50)],
    excludes: ['trailerAxle'],
  },
  {
    id: 'trailerAxle',
    kind: 'axle',
    of: 'trailer',
    limits: [
      { limit: 'trailerMax', by: 300 },
      { limit: 'trailerAxlesMax', by: 300 },
    ],
    adds: [{ mass: 22 }],
    costs: [cost('parts', 1450), cost('fitting', 700), cost('certifier', 300), cost('authority', 50)],
    excludes: ['trailerPaper'],
  },
];
