import type { FactLayer } from './facts.ts';

/** United Kingdom (Great Britain; Northern Ireland usually alike). From general knowledge, not yet checked against the text. */
export const britishFacts: FactLayer = {
  'vehicle.max': { kind: 'legal', confidence: 'high', source: 'ukConstructionAndUse', edition: '1986' },
  'axle.front': { kind: 'legal', confidence: 'high', source: 'ukConstructionAndUse', edition: '1986' },
  'axle.rear': { kind: 'legal', confidence: 'high', source: 'ukConstructionAndUse', edition: '1986' },
  'axle.tag': { kind: 'legal', confidence: 'high', source: 'ukConstructionAndUse', edition: '1986' },
  'trailer.max': { kind: 'legal', confidence: 'high', source: 'ukConstructionAndUse', edition: '1986' },
  'trailer.axles': { kind: 'legal', confidence: 'high', source: 'ukConstructionAndUse', edition: '1986' },
  'combination.max': { kind: 'legal', confidence: 'high', source: 'ukConstructionAndUse', edition: '1986' },
  'tow.braked': { kind: 'maker', confidence: 'medium', source: 'ukMakerTow' },
  'tow.unbraked': { kind: 'maker', confidence: 'medium', source: 'ukMakerTow' },
  'ball.max': { kind: 'maker', confidence: 'high', source: 'couplingPlates' },
  'axle.frontShare': { kind: 'guidance', confidence: 'low', source: 'frontAdvice', figures: { solo: 0.35 } },
  'gear.tyres': { kind: 'legal', confidence: 'high', source: 'ukConstructionAndUse', edition: '1986' },
  'brakes.required': {
    kind: 'legal',
    confidence: 'high',
    source: 'ukConstructionAndUse',
    edition: '1986',
    figures: { unbrakedMostKg: 750 },
  },
  'tow.half': {
    kind: 'legal',
    confidence: 'high',
    source: 'ukConstructionAndUse',
    edition: '1986',
    figures: { kerb: 0.5 },
  },
  'people.licence': { kind: 'legal', confidence: 'high', source: 'ukLicence', edition: '2021' },
  'ball.share': { kind: 'guidance', confidence: 'high', source: 'ballSchool' },
};
