import { anyAim, built, wayBack, type UprateLaw } from '../uprateLaw.ts';
import { facts, otherTrailer } from '../eu/uprating.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. */
export const uprating: UprateLaw = {
  routes: [
    { id: 'es', of: 'vehicle', for: anyAim, steps: built, source: 'esVehicleRules', confidence: 'medium' },
    otherTrailer,
  ],
  facts: [...facts, wayBack],
};
