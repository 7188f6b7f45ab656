import type { Loads } from '../loads/loads.ts';
import { journeyOf, type Jurisdiction } from '../situation/situation.ts';
import { plated } from './context.ts';
import { thresholds, type ThresholdFacts } from './thresholds.data.ts';

/** A mark beside which a plated figure of this rig lies. */
export interface NearThreshold {
  readonly facts: ThresholdFacts;
  /** kg, of the plate or the plates together. */
  readonly value: number;
  readonly passed: boolean;
}

/** Nearer than this share of the mark, but at least so many kg, is worth a word. */
const nearShare = 0.1;
const nearLeast = 150;

/** Marks near by, at which something changes in the rules: the nearest first. They go by plates, not by what is loaded. */
export const nearThresholds = (loads: Loads): readonly NearThreshold[] =>
  thresholdsOf(loads)
    .filter(({ facts, value }) => Math.abs(value - facts.at) <= Math.max(nearShare * facts.at, nearLeast))
    .sort((a, b) => Math.abs(a.value - a.facts.at) - Math.abs(b.value - b.facts.at));

/** Every mark that counts for this rig where it is, with its figure where that is known. */
export function thresholdsOf(loads: Loads): readonly NearThreshold[] {
  return thresholds.flatMap((facts): readonly NearThreshold[] => {
    if (!deciding(loads, facts).some((place) => isThere(facts, place))) return [];
    const value = figureOf(loads, facts.of);
    return value === null ? [] : [{ facts, value, passed: value > facts.at }];
  });
}

const isThere = ({ countries, state }: ThresholdFacts, place: Jurisdiction): boolean =>
  countries.includes(place.country) && (state === undefined || place.state === state);

function deciding({ view }: Loads, { by }: ThresholdFacts): readonly Jurisdiction[] {
  const { situation } = view;
  if (by === 'travel') return journeyOf(situation);
  if (by === 'licence') return [situation.licence ? { country: situation.licence.issuer } : situation.vehicle];
  return [situation[by]];
}

function figureOf(loads: Loads, of: ThresholdFacts['of']): number | null {
  const { vehicle, trailer } = loads.view;
  if (of === 'vehicleMax' || of === 'vehicleTechnicalMax' || of === 'combinationMax') {
    return of === 'combinationMax' && !trailer ? null : plated(loads, of, ['vehicle']).value;
  }
  if (!trailer) return null;
  if (of !== 'sumOfPlates') return plated(loads, of, ['trailer']).value;
  const car = vehicle ? plated(loads, 'vehicleMax', ['vehicle']).value : null;
  const towed = plated(loads, 'trailerMax', ['trailer']).value;
  return car === null || towed === null ? null : car + towed;
}
