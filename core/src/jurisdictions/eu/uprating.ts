import {
  anyAim,
  approvedFirst,
  emptyStays,
  trailerAims,
  wayBack,
  type CaseRoute,
  type UprateFact,
  type UprateLaw,
} from '../uprateLaw.ts';

/** Where nothing better is known of a country. */
export const otherTrailer: CaseRoute = {
  id: 'otherTrailer',
  of: 'trailer',
  for: trailerAims,
  steps: approvedFirst,
  source: 'euNationalLaw',
  confidence: 'low',
};

/** True on the whole continent, Switzerland included, as far as known. */
export const facts: readonly UprateFact[] = [
  emptyStays,
  { id: 'euNoMoreTowing', topic: 'towing', when: 'towing', source: 'upratePractice', confidence: 'medium' },
  { id: 'euInsurer', topic: 'insurance', when: 'always', source: 'upratePractice', confidence: 'low' },
  { id: 'euBuyers', topic: 'resale', when: 'aboveCar', source: 'euLicence', confidence: 'medium' },
  { id: 'moreBuyers', topic: 'resale', when: 'belowCar', source: 'upratePractice', confidence: 'low' },
];

/** What is said of a country whose own way is not known. From general knowledge; not yet checked against any text. */
export const uprating: UprateLaw = {
  routes: [
    { id: 'other', of: 'vehicle', for: anyAim, steps: approvedFirst, source: 'euNationalLaw', confidence: 'low' },
    otherTrailer,
  ],
  facts: [...facts, wayBack],
};
