import type { Confidence } from '../situation/confidence.ts';
import { agedConfidence, agedOn, holdsOn } from '../situation/dated.ts';
import { lawOf } from '../jurisdictions/laws.ts';
import type { RoadSpeeds, SpeedLine, SpeedLaw } from '../jurisdictions/law.ts';
import { bears } from '../jurisdictions/when.ts';
import type { Loads } from '../loads/loads.ts';
import type { Missing } from '../rig/missing.ts';
import type { Country } from '../situation/countries.ts';
import type { AustralianState, Jurisdiction } from '../situation/situation.ts';

/** What this rig may drive in a country, as information: posted and lower limits always come first. */
export interface SpeedRule extends RoadSpeeds {
  readonly country: Country;
  readonly state?: AustralianState;
  readonly unit: SpeedLaw['unit'];
  /** Which line of the law it is: towing, a heavy motor caravan, a car. */
  readonly as: SpeedLine;
  readonly source: string;
  readonly confidence: Confidence;
  /** Key of what else the line asks, where it does. */
  readonly asks?: string;
  /** A lower ceiling for the driver, whatever the rig. */
  readonly novice?: number;
}

type Found = { readonly speed: SpeedRule | null; readonly missing: readonly Missing[] };

/**
 * The speeds of a place, by plated masses; Britain goes by unladen mass, which is never more than the bare body nor than the
 * plate. null where a figure is missing that decides (`speedMissing` says which), and where nothing beyond the posted limit is known.
 */
export const speedRule = (loads: Loads, place: Jurisdiction): SpeedRule | null => speedIn(loads, place).speed;

/** Which fact the speeds of a place wait for; null where nothing is missing, or only the signs count there. */
export const speedMissing = (loads: Loads, place: Jurisdiction): Missing | null =>
  speedIn(loads, place).missing[0] ?? null;

function speedIn(loads: Loads, place: Jurisdiction): Found {
  const { country, state } = place;
  const law = lawOf(country).speeds;
  if (!loads.view.vehicle || !law) return { speed: null, missing: [] };
  const novice = noviceCeiling(loads, law, place);
  const lasting = { country, unit: law.unit, ...(state ? { state } : {}), ...(novice ? { novice } : {}) };
  /** What is known of the driver, where nothing is of the rig. */
  const driverAlone = (): SpeedRule | null => {
    if (novice === undefined || !law.novice) return null;
    const { confidence, source } = law.novice;
    const as = loads.view.trailer ? 'towing' : 'car';
    return { ...lasting, as, rural: null, dual: null, motorway: null, source, confidence };
  };
  for (const row of law.rows) {
    if ((row.state !== undefined && row.state !== state) || !holdsOn(row, loads.view.situation.date)) continue;
    const { answer, missing } = bears(loads, row.when);
    if (answer === 'no') continue;
    if (answer === 'unknown') return { speed: driverAlone(), missing };
    const { as, rural, dual, motorway, source, asks } = row;
    const confidence = agedConfidence(row.confidence, agedOn(row, 'driving', loads.view.situation.date));
    return {
      speed: { ...lasting, as, rural, dual, motorway, source, confidence, ...(asks ? { asks } : {}) },
      missing: [],
    };
  }
  return { speed: driverAlone(), missing: [] };
}

function noviceCeiling({ view }: Loads, { novice }: SpeedLaw, { state }: Jurisdiction): number | undefined {
  const stage = view.situation.licence?.novice;
  return stage && novice?.state === state ? novice?.ceilings[stage] : undefined;
}
