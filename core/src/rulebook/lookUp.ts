import type { RuleInForce } from '../checks/ruleFacts.ts';
import { factsIn } from '../jurisdictions/inForce.ts';
import { lawOf } from '../jurisdictions/laws.ts';
import type { AnyFigures, Asked } from '../rules/rule.ts';
import type { Loads } from '../loads/loads.ts';
import { speedRule } from './speeds.ts';
import { journeyOf, type Jurisdiction, type Situation } from '../situation/situation.ts';

/** What is known of a rule in a place on the day of the situation; null where it is not in force there. */
export const factsOf = (
  { id }: { readonly id: string },
  place: Jurisdiction,
  { date }: Pick<Situation, 'date'>,
): RuleInForce | null => (factsIn(place, date) as Readonly<Record<string, RuleInForce>>)[id] ?? null;

/** What a rule is told of the places of a situation. Every fact in force has its figures, none where it names none. */
export const lookUp = (rule: { readonly id: string }, loads: Loads): Omit<Asked<AnyFigures>, 'loads' | 'open'> => {
  const { situation } = loads.view;
  const of = (place: Jurisdiction) => factsOf(rule, place, situation) as ReturnType<Asked<AnyFigures>['at']>;
  return {
    at: (side) => of(situation[side]),
    onTheWay: () => journeyOf(situation).flatMap((place) => of(place) ?? []),
    issuedIn: (country) => of({ country }),
    licencesOf: (country) => lawOf(country).licences,
    fastest: () => fastestOn(loads),
    inForce: (other, side) => factsOf(other, situation[side], situation) !== null,
  };
};

const kmPerMile = 1.609344;

/** By the places of the journey, as far as their speeds are known. */
function fastestOn(loads: Loads): number | null {
  const speeds = journeyOf(loads.view.situation).flatMap((place) => {
    const found = speedRule(loads, place);
    const [most] = [found?.motorway, found?.dual, found?.rural].filter((one) => typeof one === 'number');
    return most === undefined ? [] : [found?.unit === 'mph' ? most * kmPerMile : most];
  });
  return speeds.length > 0 ? Math.max(...speeds) : null;
}
