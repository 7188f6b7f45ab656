import type { LimitName } from '../rig/limitNames.ts';
import type { Country } from '../situation/countries.ts';
import type { AustralianState } from '../situation/situation.ts';
import type { Confidence } from './check.ts';

/** Something that changes when a figure passes a mark. What changes is a sentence of the catalogue. */
export interface ThresholdFacts {
  readonly id: string;
  /** Whose figure it is: a plate, or vehicle and trailer by their plates together. */
  readonly of: Extract<LimitName, 'vehicleMax' | 'trailerMax' | 'trailerAxlesMax' | 'combinationMax'> | 'sumOfPlates';
  /** kg; strictly more passes it. */
  readonly at: number;
  /** Who decides: where it is registered, where it travels, who issued the licence. */
  readonly by: 'vehicle' | 'trailer' | 'travel' | 'licence';
  readonly countries: readonly Country[];
  readonly state?: AustralianState;
  readonly source: string;
  readonly confidence: Confidence;
}

const au = ['AU'] as const;
const uk = ['GB', 'GB-NIR'] as const;
const union = ['DE', 'FR', 'IT', 'ES', 'NL', 'AT'] as const;
const continent = [...union, 'CH'] as const;

/** From general knowledge, each with its confidence; not yet checked against the texts. */
export const thresholds: readonly ThresholdFacts[] = [
  {
    id: 'auBrakes',
    of: 'trailerAxlesMax',
    at: 750,
    by: 'trailer',
    countries: au,
    source: 'auTrailerBulletin',
    confidence: 'high',
  },
  {
    id: 'auAllBrakes',
    of: 'trailerAxlesMax',
    at: 2000,
    by: 'trailer',
    countries: au,
    source: 'auTrailerBulletin',
    confidence: 'high',
  },
  {
    id: 'auSecondChain',
    of: 'trailerMax',
    at: 2500,
    by: 'trailer',
    countries: au,
    source: 'auCouplings',
    confidence: 'high',
  },
  {
    id: 'auBallSize',
    of: 'trailerMax',
    at: 3500,
    by: 'trailer',
    countries: au,
    source: 'auCouplings',
    confidence: 'high',
  },
  {
    id: 'auHeavyTrailer',
    of: 'trailerMax',
    at: 4500,
    by: 'trailer',
    countries: au,
    source: 'auTrailerBulletin',
    confidence: 'high',
  },
  {
    id: 'auCategory',
    of: 'vehicleMax',
    at: 3500,
    by: 'vehicle',
    countries: au,
    source: 'auVehicleStandards',
    confidence: 'medium',
  },
  {
    id: 'auLicence',
    of: 'vehicleMax',
    at: 4500,
    by: 'licence',
    countries: au,
    source: 'auLicence',
    confidence: 'high',
  },
  {
    id: 'nswSpeed',
    of: 'combinationMax',
    at: 4500,
    by: 'travel',
    countries: au,
    state: 'NSW',
    source: 'auVehicleStandards',
    confidence: 'medium',
  },
  {
    id: 'ukLicence',
    of: 'vehicleMax',
    at: 3500,
    by: 'licence',
    countries: uk,
    source: 'ukLicence',
    confidence: 'high',
  },
  {
    id: 'ukTrailerLength',
    of: 'vehicleMax',
    at: 3500,
    by: 'vehicle',
    countries: uk,
    source: 'ukConstructionAndUse',
    confidence: 'high',
  },
  {
    id: 'ukTax',
    of: 'vehicleMax',
    at: 3500,
    by: 'vehicle',
    countries: uk,
    source: 'ukRegistration',
    confidence: 'high',
  },
  {
    id: 'ukBrakes',
    of: 'trailerAxlesMax',
    at: 750,
    by: 'trailer',
    countries: uk,
    source: 'ukConstructionAndUse',
    confidence: 'high',
  },
  {
    id: 'ukOverrun',
    of: 'trailerAxlesMax',
    at: 3500,
    by: 'trailer',
    countries: uk,
    source: 'ukConstructionAndUse',
    confidence: 'high',
  },
  {
    id: 'niSum',
    of: 'sumOfPlates',
    at: 3500,
    by: 'licence',
    countries: ['GB-NIR'],
    source: 'niLicence',
    confidence: 'medium',
  },
  {
    id: 'euLicence',
    of: 'vehicleMax',
    at: 3500,
    by: 'licence',
    countries: continent,
    source: 'euLicence',
    confidence: 'high',
  },
  {
    id: 'euLicenceC1',
    of: 'vehicleMax',
    at: 7500,
    by: 'licence',
    countries: continent,
    source: 'euLicence',
    confidence: 'high',
  },
  {
    id: 'euSum',
    of: 'sumOfPlates',
    at: 3500,
    by: 'licence',
    countries: continent,
    source: 'euLicence',
    confidence: 'high',
  },
  {
    id: 'euSum96',
    of: 'sumOfPlates',
    at: 4250,
    by: 'licence',
    countries: continent,
    source: 'euLicence',
    confidence: 'high',
  },
  {
    id: 'euBrakes',
    of: 'trailerAxlesMax',
    at: 750,
    by: 'trailer',
    countries: continent,
    source: 'euBrakes',
    confidence: 'high',
  },
  {
    id: 'euTrailer',
    of: 'trailerMax',
    at: 3500,
    by: 'trailer',
    countries: continent,
    source: 'euBrakes',
    confidence: 'high',
  },
  {
    id: 'euSpeed',
    of: 'vehicleMax',
    at: 3500,
    by: 'travel',
    countries: continent,
    source: 'euNationalLaw',
    confidence: 'high',
  },
  {
    id: 'deBands',
    of: 'trailerMax',
    at: 2000,
    by: 'travel',
    countries: ['DE'],
    source: 'dePenalties',
    confidence: 'medium',
  },
  {
    id: 'frSpeed',
    of: 'sumOfPlates',
    at: 3500,
    by: 'travel',
    countries: ['FR'],
    source: 'frRoadCode',
    confidence: 'low',
  },
  {
    id: 'atSpeed',
    of: 'sumOfPlates',
    at: 3500,
    by: 'travel',
    countries: ['AT'],
    source: 'atMotorLaw',
    confidence: 'medium',
  },
];
