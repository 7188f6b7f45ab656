import { whileTowing } from '../common/rules.ts';
import type { FactLayer } from '../../rules/ruleId.ts';

/** Common to the European Union. From general knowledge, not yet checked against the text. */
export const rules: FactLayer = {
  'vehicle.max': {
    kind: 'legal',
    confidence: 'high',
    source: 'euNationalLaw',
    variesBy: 'country',
    figures: whileTowing.vehicle,
  },
  'axle.front': { kind: 'legal', confidence: 'high', source: 'euNationalLaw', variesBy: 'country' },
  'axle.rear': {
    kind: 'legal',
    confidence: 'high',
    source: 'euNationalLaw',
    variesBy: 'country',
    figures: whileTowing.rearAxle,
  },
  'axle.tag': { kind: 'legal', confidence: 'high', source: 'euNationalLaw', variesBy: 'country' },
  'trailer.max': { kind: 'legal', confidence: 'high', source: 'euNationalLaw', variesBy: 'country' },
  'trailer.axles': { kind: 'legal', confidence: 'medium', source: 'euNationalLaw', variesBy: 'country' },
  'trailer.axleGroup': { kind: 'maker', confidence: 'medium', source: 'makerPlate' },
  'combination.max': { kind: 'legal', confidence: 'high', source: 'euNationalLaw', variesBy: 'country' },
  'tow.braked': { kind: 'legal', confidence: 'medium', source: 'euTowing', variesBy: 'country' },
  'tow.unbraked': { kind: 'legal', confidence: 'medium', source: 'euTowing', variesBy: 'country' },
  'brakes.required': { kind: 'legal', confidence: 'high', source: 'euBrakes', figures: { unbrakedMostKg: 750 } },
  'tow.half': {
    kind: 'guidance',
    confidence: 'medium',
    source: 'euTowing',
    variesBy: 'country',
    figures: { runningOrder: 0.5, atMostKg: 750 },
  },
  'brakes.kind': { kind: 'legal', confidence: 'high', source: 'euBrakes', figures: { overrunMostKg: 3500 } },
  'breakaway.required': {
    kind: 'legal',
    confidence: 'medium',
    source: 'euBrakes',
    figures: { aboveKg: 0, chainMostKg: 1500 },
  },
  'chains.required': { kind: 'legal', confidence: 'medium', source: 'euBrakes', figures: { onlyUnbraked: true } },
  'gear.speed': { kind: 'legal', confidence: 'medium', source: 'tyreMarks', figures: { trailerKmh: 100 } },
  'people.licence': { kind: 'legal', confidence: 'high', source: 'euLicence', edition: '2006' },
  'mirrors.wide': { kind: 'legal', confidence: 'low', source: 'euNationalLaw' },
  'body.width': { kind: 'legal', confidence: 'medium', source: 'euNationalLaw', figures: { mostM: 2.55 } },
  'body.length': {
    kind: 'legal',
    confidence: 'medium',
    source: 'euNationalLaw',
    figures: { aloneM: 12, togetherM: 18.75 },
  },
  'gear.tyres': { kind: 'legal', confidence: 'high', source: 'tyreMarks' },
  'gear.tyresForPlate': {
    kind: 'legal',
    confidence: 'medium',
    source: 'tyreMarks',
    variesBy: 'country',
    figures: { trailerTimes: 1.1 },
  },
  'axle.frontShare': {
    kind: 'guidance',
    confidence: 'low',
    source: 'frontApproval',
    figures: { solo: 0.3, towing: 0.2 },
  },
  'ball.min': { kind: 'guidance', confidence: 'medium', source: 'deCoupling', figures: { share: 0.04, atMostKg: 25 } },
};
