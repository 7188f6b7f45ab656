import type { UpratePackage } from '../uprating/upratePackage.ts';

/** A lower plate of the vehicle, and nothing else. kg */
export const downrate = (to: number): UpratePackage => ({
  id: 'down',
  name: 'down',
  kind: 'downrate',
  of: 'vehicle',
  limits: [{ limit: 'vehicleMax', to }],
  adds: [],
  costs: [],
  currency: 'EUR',
});
