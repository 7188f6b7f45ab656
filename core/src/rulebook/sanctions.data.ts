import type { Country } from '../situation/countries.ts';
import type { Confidence } from '../checks/check.ts';

/** From this share above the limit on: about so much, in the country's money, and points where there are any. */
export interface SanctionBand {
  readonly above: number;
  readonly amount: number;
  readonly most?: number;
  readonly points?: number;
}

/** What overloading tends to cost. Indications of no legal force, apart from every verdict. */
export interface SanctionFacts {
  readonly source: string;
  readonly confidence: Confidence;
  /** none: no figures are known. bands: by share above. tranche: so much for every so many kg begun. */
  readonly how: 'none' | 'bands' | 'tranche';
  readonly bands?: readonly SanctionBand[];
  readonly perKg?: number;
  readonly currency?: 'EUR' | 'CHF' | 'GBP';
}

const none = (source: string, confidence: Confidence): SanctionFacts => ({ source, confidence, how: 'none' });

/** A vehicle to 7.5 t without a trailer above 2 t. */
const germanLight: SanctionFacts = {
  source: 'dePenalties',
  confidence: 'medium',
  how: 'bands',
  currency: 'EUR',
  bands: [
    { above: 0.05, amount: 10 },
    { above: 0.1, amount: 30 },
    { above: 0.15, amount: 35 },
    { above: 0.2, amount: 95, points: 1 },
    { above: 0.25, amount: 140, points: 1 },
    { above: 0.3, amount: 235, points: 1 },
  ],
};

/** A heavier vehicle, or a trailer plated above 2 t. */
export const germanHeavy: SanctionFacts = {
  ...germanLight,
  bands: [
    { above: 0.02, amount: 30 },
    { above: 0.05, amount: 80, points: 1 },
    { above: 0.1, amount: 110, points: 1 },
    { above: 0.15, amount: 140, points: 1 },
    { above: 0.2, amount: 190, points: 1 },
    { above: 0.25, amount: 285, points: 1 },
    { above: 0.3, amount: 380, points: 1 },
  ],
};

/** Loads from general knowledge; amounts change yearly. */
export const sanctionFacts: Readonly<Record<Exclude<Country, 'plates'>, SanctionFacts>> = {
  AU: none('auVehicleStandards', 'medium'),
  GB: {
    source: 'ukTraffic',
    confidence: 'medium',
    how: 'bands',
    currency: 'GBP',
    bands: [
      { above: 0, amount: 100 },
      { above: 0.1, amount: 200 },
      { above: 0.15, amount: 300 },
    ],
  },
  'GB-NIR': none('ukTraffic', 'low'),
  DE: germanLight,
  FR: {
    source: 'frRoadCode',
    confidence: 'medium',
    how: 'tranche',
    currency: 'EUR',
    perKg: 500,
    bands: [{ above: 0, amount: 135 }],
  },
  IT: {
    source: 'itRoadCode',
    confidence: 'medium',
    how: 'bands',
    currency: 'EUR',
    bands: [
      { above: 0.05, amount: 42, most: 173 },
      { above: 0.1, amount: 87, most: 345 },
      { above: 0.2, amount: 173, most: 694 },
      { above: 0.3, amount: 430, most: 1731 },
    ],
  },
  ES: {
    source: 'esVehicleRules',
    confidence: 'low',
    how: 'bands',
    currency: 'EUR',
    bands: [{ above: 0, amount: 80, most: 500 }],
  },
  NL: none('nlVehicleRules', 'low'),
  AT: none('atMotorLaw', 'low'),
  CH: {
    source: 'chTrafficLaw',
    confidence: 'low',
    how: 'bands',
    currency: 'CHF',
    bands: [
      { above: 0, amount: 100 },
      { above: 0.05, amount: 200 },
    ],
  },
};
