import { bench } from 'vitest';
import { onDay } from '../loading/rigView.ts';
import { exampleView } from '../testing/examples.ts';
import { searchPackages } from './searchPackages.ts';
import type { UpratePackage } from './upratePackage.ts';

const view = onDay(exampleView('australian-wagon-and-tandem'), '2026-06-01');
const limits = [
  'vehicleMax',
  'frontAxleMax',
  'rearAxleMax',
  'combinationMax',
  'trailerMax',
  'trailerAxlesMax',
] as const;
const packages = Array.from({ length: 14 }, (_, at): UpratePackage => ({
  id: `p${at}`,
  name: 'p',
  kind: 'paper',
  of: at % 6 > 3 ? 'trailer' : 'vehicle',
  limits: [{ limit: limits[at % 6] ?? 'vehicleMax', by: 40 + 10 * at }],
  adds: [{ mass: at }],
  costs: [{ kind: 'parts', amount: 100 * at, taxIncluded: true }],
  currency: 'EUR',
}));

bench('all combinations of 14 packages over 6 loadouts', () => {
  searchPackages([view, view, view, view, view, view], packages);
});
