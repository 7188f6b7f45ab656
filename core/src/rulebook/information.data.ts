import { britishCountries, continentCountries, unionCountries, type Country } from '../situation/countries.ts';
import type { AustralianState } from '../situation/situation.ts';
import type { Confidence } from '../checks/check.ts';

/** On which rigs something bears. Plated masses throughout. */
export type Bears =
  'always' | 'towing' | 'motorhome' | 'heavyVehicle' | 'lightTowing' | 'heavyLaw' | 'brakedFully' | 'licenceGap';

/** What a well-read person would say and no arithmetic decides. The sentence is in the catalogue. */
export interface InformationFacts {
  readonly id: string;
  readonly countries: readonly Country[];
  readonly states?: readonly AustralianState[];
  /** Asked where the rig travels, or where it is registered. */
  readonly by: 'travel' | 'vehicle';
  readonly bears: Bears;
  readonly source: string;
  readonly confidence: Confidence;
}

const au = ['AU'] as const;
const uk = britishCountries;
const union = unionCountries;

const there = (
  id: string,
  countries: readonly Country[],
  bears: Bears,
  source: string,
  confidence: Confidence,
  states?: readonly AustralianState[],
): InformationFacts => ({ id, countries, by: 'travel', bears, source, confidence, ...(states ? { states } : {}) });

const atHome = (...given: Parameters<typeof there>): InformationFacts => ({ ...there(...given), by: 'vehicle' });

/** From general knowledge, each with its confidence; not yet checked against the texts. */
export const information: readonly InformationFacts[] = [
  there('auNoTolerance', au, 'always', 'auVehicleStandards', 'high'),
  there('auHeavyBands', au, 'heavyLaw', 'auHeavyLaw', 'medium'),
  there('auBatteryMonitor', au, 'brakedFully', 'auTrailerBulletin', 'low', ['NSW']),
  there('auLength', au, 'towing', 'auDimensions', 'high'),
  there('auOverhang', au, 'towing', 'auDimensions', 'medium'),
  atHome('auSchemeNsw', au, 'always', 'auCertification', 'high', ['NSW']),
  atHome('auSchemeVic', au, 'always', 'auCertification', 'high', ['VIC']),
  atHome('auSchemeQld', au, 'always', 'auCertification', 'medium', ['QLD']),
  atHome('auSchemeOther', au, 'always', 'auCertification', 'low', ['SA', 'WA', 'TAS', 'ACT', 'NT']),
  there('auInsurance', au, 'always', 'auInsurance', 'medium'),
  there('ukNoTolerance', uk, 'always', 'ukTraffic', 'high'),
  there('ukRightLane', uk, 'towing', 'ukSpeeds', 'high'),
  there('ukNobodyInside', uk, 'towing', 'ukConstructionAndUse', 'medium'),
  there('ukTrailerLength', uk, 'lightTowing', 'ukConstructionAndUse', 'high'),
  there('ukCabHeight', uk, 'motorhome', 'ukConstructionAndUse', 'medium'),
  atHome('ukTest', ['GB'], 'motorhome', 'ukRegistration', 'high'),
  atHome('niTest', ['GB-NIR'], 'motorhome', 'ukRegistration', 'low'),
  atHome('ukTaxClass', uk, 'heavyVehicle', 'ukRegistration', 'high'),
  there('ukLondon', ['GB'], 'motorhome', 'ukZones', 'medium'),
  there('deSigns', ['DE'], 'heavyVehicle', 'deTraffic', 'high'),
  atHome('deTest', ['DE'], 'motorhome', 'deMasses', 'medium'),
  there('frTolls', ['FR'], 'motorhome', 'frTolls', 'high'),
  there('frStickers', ['FR'], 'heavyVehicle', 'frRoadCode', 'medium'),
  there('frOvertaking', ['FR'], 'towing', 'frRoadCode', 'medium'),
  there('itLanes', ['IT'], 'motorhome', 'itRoadCode', 'medium'),
  there('itPanel', ['IT', 'ES'], 'always', 'projectingLoads', 'medium'),
  there('itAppendix', ['IT'], 'towing', 'itRoadCode', 'medium'),
  there('esTolls', ['ES'], 'always', 'esVehicleRules', 'low'),
  there('nlTolls', ['NL'], 'motorhome', 'nlVehicleRules', 'low'),
  there('atToll', ['AT'], 'heavyVehicle', 'atTolls', 'medium'),
  there('chCharge', ['CH'], 'heavyVehicle', 'chTolls', 'medium'),
  there('euPlates', continentCountries, 'always', 'euNationalLaw', 'high'),
  atHome('euLicenceToCome', union, 'licenceGap', 'euLicenceToCome', 'low'),
];
