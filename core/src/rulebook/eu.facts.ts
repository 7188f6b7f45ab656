import type { FactLayer } from '../checks/ruleFacts.ts';

/** Common to the European Union. From general knowledge, not yet checked against the text. */
export const europeanFacts: FactLayer = {
  'vehicle.max': { kind: 'legal', confidence: 'high', source: 'euNationalLaw', variesBy: 'country' },
  'axle.front': { kind: 'legal', confidence: 'high', source: 'euNationalLaw', variesBy: 'country' },
  'axle.rear': { kind: 'legal', confidence: 'high', source: 'euNationalLaw', variesBy: 'country' },
  'axle.tag': { kind: 'legal', confidence: 'high', source: 'euNationalLaw', variesBy: 'country' },
  'trailer.max': { kind: 'legal', confidence: 'high', source: 'euNationalLaw', variesBy: 'country' },
  'trailer.axles': { kind: 'maker', confidence: 'high', source: 'makerPlate' },
  'trailer.axleGroup': { kind: 'maker', confidence: 'medium', source: 'makerPlate' },
  'combination.max': { kind: 'legal', confidence: 'high', source: 'euNationalLaw', variesBy: 'country' },
  'tow.braked': { kind: 'legal', confidence: 'medium', source: 'euTowing', variesBy: 'country' },
  'tow.unbraked': { kind: 'legal', confidence: 'medium', source: 'euTowing', variesBy: 'country' },
  'brakes.required': { kind: 'legal', confidence: 'high', source: 'euBrakes', figures: { unbrakedMostKg: 750 } },
  'tow.half': {
    kind: 'legal',
    confidence: 'high',
    source: 'euTowing',
    variesBy: 'country',
    figures: { runningOrder: 0.5, atMostKg: 750 },
  },
  'brakes.kind': { kind: 'legal', confidence: 'high', source: 'euBrakes', figures: { overrunMostKg: 3500 } },
  'breakaway.required': { kind: 'legal', confidence: 'medium', source: 'euBrakes', figures: { aboveKg: 0 } },
  'chains.required': { kind: 'legal', confidence: 'medium', source: 'euBrakes', figures: { onlyUnbraked: 1 } },
  'gear.speed': { kind: 'legal', confidence: 'medium', source: 'tyreMarks', figures: { trailerKmh: 100 } },
  'people.licence': { kind: 'legal', confidence: 'high', source: 'euLicence', edition: '2006' },
  'coupling.dValue': { kind: 'legal', confidence: 'high', source: 'couplingApproval' },
  'gear.tyres': { kind: 'legal', confidence: 'high', source: 'tyreMarks' },
  'axle.frontShare': {
    kind: 'guidance',
    confidence: 'low',
    source: 'frontApproval',
    figures: { solo: 0.3, towing: 0.2 },
  },
  'ball.min': { kind: 'guidance', confidence: 'medium', source: 'deCoupling', figures: { share: 0.04, atMostKg: 25 } },
};

/** Germany: towed mass is the axle load, and a light ball is an offence. */
export const germanFacts: FactLayer = {
  'vehicle.max': { kind: 'legal', confidence: 'high', source: 'deMasses' },
  'axle.front': { kind: 'legal', confidence: 'high', source: 'deMasses' },
  'axle.rear': { kind: 'legal', confidence: 'high', source: 'deMasses' },
  'axle.tag': { kind: 'legal', confidence: 'high', source: 'deMasses' },
  'trailer.max': { kind: 'legal', confidence: 'high', source: 'deMasses' },
  'combination.max': { kind: 'legal', confidence: 'medium', source: 'deMasses' },
  'combination.sum': { kind: 'legal', confidence: 'medium', source: 'deMasses' },
  'road.hundred': {
    kind: 'permit',
    confidence: 'high',
    source: 'deHundred',
    figures: {
      kmh: 100,
      vehicleMostKg: 3500,
      plain: 0.3,
      caravan: 0.8,
      caravanStabilised: 1,
      tyreYears: 6,
      tyreKmh: 120,
    },
  },
  'tow.braked': { kind: 'legal', confidence: 'high', source: 'deTowing' },
  'tow.unbraked': { kind: 'legal', confidence: 'high', source: 'deTowing' },
  'ball.max': { kind: 'legal', confidence: 'high', source: 'deCoupling' },
  'ball.min': { kind: 'legal', confidence: 'high', source: 'deCoupling', figures: { share: 0.04, atMostKg: 25 } },
};
