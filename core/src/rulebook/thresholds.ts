import { asAged, holdsOn, type AsAged, type Review } from '../situation/dated.ts';
import { lawOf } from '../jurisdictions/laws.ts';
import type { Threshold, ThresholdTopic } from '../jurisdictions/law.ts';
import { unladen } from '../jurisdictions/when.ts';
import type { Loads } from '../loads/loads.ts';
import { journeyOf, type Jurisdiction } from '../situation/situation.ts';
import { registeredLimit } from '../rig/registered.ts';
import type { LimitName } from '../rig/limitNames.ts';
import type { Side } from '../statics/pointLoad.ts';

/** A mark beside which a plated figure of this rig lies. */
export interface NearThreshold {
  /** As it stands on the day asked for. */
  readonly facts: AsAged<Threshold>;
  /** Whose mark it is. */
  readonly place: Jurisdiction;
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

/** Every mark that counts for this rig where it is on its day, each once, with its figure where that is known. */
export function thresholdsOf(loads: Loads): readonly NearThreshold[] {
  const seen = new Set<Threshold>();
  return whoDecide(loads).flatMap(([by, places]) =>
    places.flatMap((place) =>
      lawOf(place.country).thresholds.flatMap((facts): readonly NearThreshold[] => {
        if (facts.by !== by || !isThere(facts, place) || !holdsOn(facts, loads.view.situation.date)) return [];
        if (seen.has(facts)) return [];
        seen.add(facts);
        const value = isOfLightTrailer(loads, facts) ? null : figureOf(loads, facts.of);
        if (value === null) return [];
        const aged = asAged(facts, reviewOf(facts.topic), loads.view.situation.date);
        return [{ facts: aged, place, value, passed: value > facts.at }];
      }),
    ),
  );
}

/** What is paid changes soonest, then who may drive, where and how fast. */
const reviewOf = (topic: ThresholdTopic): Review =>
  moneyTopics.includes(topic) ? 'money' : drivingTopics.includes(topic) ? 'driving' : 'construction';
const moneyTopics: readonly ThresholdTopic[] = ['fines', 'tax', 'tolls'];
const drivingTopics: readonly ThresholdTopic[] = ['licence', 'speed', 'zones'];

/** kg: behind the licence for a car a trailer up to so much goes along, whatever both weigh together. */
const lightTrailerMost = 750;

const isOfLightTrailer = (loads: Loads, { topic, of }: Threshold): boolean =>
  topic === 'licence' &&
  of === 'sumOfPlates' &&
  (registeredMass(loads, 'trailerMax', 'trailer') ?? Infinity) <= lightTrailerMost;

const isThere = ({ state }: Threshold, place: Jurisdiction): boolean => state === undefined || place.state === state;

function whoDecide({ view }: Loads): readonly (readonly [Threshold['by'], readonly Jurisdiction[]])[] {
  const { situation } = view;
  const issuer = situation.licence ? { country: situation.licence.issuer } : situation.vehicle;
  return [
    ['licence', [issuer]],
    ['vehicle', [situation.vehicle]],
    ['trailer', [situation.trailer]],
    ['travel', journeyOf(situation)],
  ];
}

function figureOf(loads: Loads, of: Threshold['of']): number | null {
  const { vehicle, trailer } = loads.view;
  if (of === 'vehicleUnladen') {
    const { least, most } = unladen(loads);
    return vehicle && least === most ? most : null;
  }
  if (of === 'vehicleMax' || of === 'vehicleTechnicalMax' || of === 'combinationMax') {
    return of === 'combinationMax' && !trailer ? null : registeredMass(loads, of, 'vehicle');
  }
  if (!trailer) return null;
  if (of !== 'sumOfPlates') return registeredMass(loads, of, 'trailer');
  const car = vehicle ? registeredMass(loads, 'vehicleMax', 'vehicle') : null;
  const towed = registeredMass(loads, 'trailerMax', 'trailer');
  return car === null || towed === null ? null : car + towed;
}

/** null: none is stated, or several are and nobody has said which is registered. */
const registeredMass = ({ view }: Loads, limit: LimitName, side: Side): number | null =>
  registeredLimit(view, limit, view[side]).value;
