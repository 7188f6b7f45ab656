import { anyAim, approvedFirst, wayBack, type UprateLaw } from '../uprateLaw.ts';
import { facts, otherTrailer } from '../eu/uprating.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. */
export const uprating: UprateLaw = {
  routes: [
    { id: 'fr', of: 'vehicle', for: anyAim, steps: approvedFirst, source: 'frRoadCode', confidence: 'medium' },
    otherTrailer,
  ],
  facts: [...facts, wayBack],
};
