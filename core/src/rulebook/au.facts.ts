import type { FactLayer } from './facts.ts';

/** Australia, light vehicles. Compiled from general knowledge of the national standards; not yet checked against the text. */
export const australianFacts: FactLayer = {
  'vehicle.max': {
    kind: 'legal',
    confidence: 'high',
    source: 'auVehicleStandards',
    edition: '2015',
    variesBy: 'state',
  },
  'axle.front': {
    kind: 'legal',
    confidence: 'medium',
    source: 'auVehicleStandards',
    edition: '2015',
    variesBy: 'state',
  },
  'axle.rear': {
    kind: 'legal',
    confidence: 'medium',
    source: 'auVehicleStandards',
    edition: '2015',
    variesBy: 'state',
  },
  'trailer.max': { kind: 'legal', confidence: 'high', source: 'auTrailerBulletin', variesBy: 'state' },
  'trailer.axles': { kind: 'legal', confidence: 'high', source: 'auTrailerBulletin', variesBy: 'state' },
  'trailer.axleGroup': { kind: 'legal', confidence: 'medium', source: 'auTrailerBulletin', variesBy: 'maker' },
  'combination.max': { kind: 'legal', confidence: 'high', source: 'auVehicleStandards', variesBy: 'state' },
  'tow.braked': { kind: 'legal', confidence: 'high', source: 'auTowing', variesBy: 'state' },
  'tow.unbraked': { kind: 'legal', confidence: 'high', source: 'auTowing', variesBy: 'state' },
  'coupling.part': { kind: 'legal', confidence: 'high', source: 'auCouplings' },
  'coupling.dValue': { kind: 'maker', confidence: 'low', source: 'auCouplings' },
  'gear.tyres': { kind: 'legal', confidence: 'high', source: 'auTrailerBulletin', variesBy: 'state' },
  'brakes.required': {
    kind: 'legal',
    confidence: 'high',
    source: 'auTrailerBulletin',
    variesBy: 'state',
    figures: { unbrakedMostKg: 750 },
  },
  'tow.fallback': {
    kind: 'legal',
    confidence: 'medium',
    source: 'auTowing',
    variesBy: 'state',
    figures: { braked: 1.5, unbraked: 1 },
  },
  'people.licence': { kind: 'legal', confidence: 'high', source: 'auLicence', variesBy: 'state' },
  'people.novice': {
    kind: 'legal',
    confidence: 'medium',
    source: 'auNovice',
    variesBy: 'state',
    figures: { unladenTrailerKg: 250 },
  },
  'ball.max': { kind: 'legal', confidence: 'high', source: 'auCouplings' },
};
