import { facts, trailerRoute } from '../gb/uprating.ts';
import { anyAim, built, type UprateLaw } from '../uprateLaw.ts';

/** As in Great Britain, and less sure of it. */
export const uprating: UprateLaw = {
  routes: [
    { id: 'niVehicle', of: 'vehicle', for: anyAim, steps: built, source: 'ukRegistration', confidence: 'low' },
    trailerRoute,
  ],
  facts,
};
