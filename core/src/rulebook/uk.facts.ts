import type { FactLayer, RuleFacts } from '../checks/ruleFacts.ts';

const lessSure: Readonly<Record<RuleFacts['confidence'], RuleFacts['confidence']>> = {
  high: 'medium',
  medium: 'low',
  low: 'low',
};

/** Great Britain. From general knowledge, not yet checked against the text. */
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
  'brakes.kind': {
    kind: 'legal',
    confidence: 'high',
    source: 'ukConstructionAndUse',
    edition: '1986',
    figures: { overrunMostKg: 3500 },
  },
  'breakaway.required': {
    kind: 'legal',
    confidence: 'medium',
    source: 'ukConstructionAndUse',
    edition: '1986',
    figures: { aboveKg: 0 },
  },
  'chains.required': {
    kind: 'legal',
    confidence: 'medium',
    source: 'ukConstructionAndUse',
    edition: '1986',
    figures: { onlyUnbraked: 1 },
  },
  'tow.ratio': { kind: 'guidance', confidence: 'high', source: 'ukRatio', figures: { careful: 0.85, most: 1 } },
  'gear.speed': {
    kind: 'legal',
    confidence: 'medium',
    source: 'ukConstructionAndUse',
    edition: '1986',
    figures: { trailerKmh: 100 },
  },
  'gear.age': { kind: 'guidance', confidence: 'high', source: 'tyrePractice', figures: { years: 7 } },
  'people.licence': { kind: 'legal', confidence: 'high', source: 'ukLicence', edition: '2021' },
  'ball.share': { kind: 'guidance', confidence: 'high', source: 'ballSchool' },
};

/** The rules that mirror Great Britain's, one level less sure: they were not matched line by line. */
const mirrored = Object.fromEntries(
  Object.entries(britishFacts).flatMap(([id, facts]) =>
    facts?.kind === 'legal' && facts.source === 'ukConstructionAndUse'
      ? [[id, { ...facts, source: 'niConstructionAndUse', edition: '1999', confidence: lessSure[facts.confidence] }]]
      : [],
  ),
) as FactLayer;

/** Northern Ireland: construction and use usually as in Great Britain; licences as they were before December 2021. */
export const northernIrishFacts: FactLayer = {
  ...mirrored,
  'people.licence': { kind: 'legal', confidence: 'medium', source: 'niLicence' },
};
