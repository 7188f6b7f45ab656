import { anyAim, approvedFirst, type UprateLaw } from '../uprateLaw.ts';
import { facts, otherTrailer } from '../eu/uprating.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. */
export const uprating: UprateLaw = {
  routes: [
    { id: 'it', of: 'vehicle', for: anyAim, steps: approvedFirst, source: 'itRoadCode', confidence: 'medium' },
    otherTrailer,
  ],
  facts: [
    ...facts,
    { id: 'itBack', topic: 'reversal', when: 'always', source: 'itRoadCode', confidence: 'medium' },
    { id: 'itAbroad', topic: 'abroad', when: 'always', source: 'itRoadCode', confidence: 'medium' },
  ],
};
