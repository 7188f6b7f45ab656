import { built, trailerAims, type UprateLaw } from '../uprateLaw.ts';
import { facts } from '../eu/uprating.ts';

/** From general knowledge, each with its confidence; not yet checked against the texts. */
export const uprating: UprateLaw = {
  routes: [
    {
      id: 'deUp',
      of: 'vehicle',
      for: ['up', 'before', 'combination'],
      steps: built,
      source: 'deMasses',
      confidence: 'high',
    },
    { id: 'deDown', of: 'vehicle', for: ['down'], steps: built, source: 'deMasses', confidence: 'medium' },
    { id: 'deTrailer', of: 'trailer', for: trailerAims, steps: built, source: 'deMasses', confidence: 'medium' },
  ],
  facts: [
    ...facts,
    { id: 'deBack', topic: 'reversal', when: 'always', source: 'deMasses', confidence: 'medium' },
    { id: 'deAbroad', topic: 'abroad', when: 'always', source: 'deMasses', confidence: 'medium' },
  ],
};
