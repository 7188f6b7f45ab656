import {
  anyAim,
  built,
  emptyStays,
  trailerAims,
  type CaseRoute,
  type UprateFact,
  type UprateLaw,
} from '../uprateLaw.ts';

/** A trailer has no document of its own to enter anything in. */
const noPapers = built.filter((step) => step !== 'entry' && step !== 'drivers');

export const trailerRoute: CaseRoute = {
  id: 'ukTrailer',
  of: 'trailer',
  for: trailerAims,
  steps: noPapers,
  source: 'upratePractice',
  confidence: 'medium',
};

export const facts: readonly UprateFact[] = [
  emptyStays,
  { id: 'ukNoMoreTowing', topic: 'towing', when: 'towing', source: 'upratePractice', confidence: 'high' },
  { id: 'ukInsurer', topic: 'insurance', when: 'always', source: 'upratePractice', confidence: 'high' },
  { id: 'ukBuyers', topic: 'resale', when: 'aboveCar', source: 'ukLicence', confidence: 'medium' },
  { id: 'moreBuyers', topic: 'resale', when: 'belowCar', source: 'upratePractice', confidence: 'low' },
  { id: 'ukBack', topic: 'reversal', when: 'always', source: 'ukRegistration', confidence: 'medium' },
];

/** From general knowledge, each with its confidence; not yet checked against the texts. */
export const uprating: UprateLaw = {
  routes: [
    { id: 'ukVehicle', of: 'vehicle', for: anyAim, steps: built, source: 'ukRegistration', confidence: 'medium' },
    trailerRoute,
  ],
  facts,
};
