import type { RuleInForce } from '../checks/ruleFacts.ts';
import { factsIn } from '../jurisdictions/inForce.ts';
import { lawOf } from '../jurisdictions/laws.ts';
import type { AnyFigures, Asked } from '../rules/rule.ts';
import { journeyOf, type Jurisdiction, type Situation } from '../situation/situation.ts';

/** What is known of a rule in a place on the day of the situation; null where it is not in force there. */
export const factsOf = (
  { id }: { readonly id: string },
  place: Jurisdiction,
  { date }: Pick<Situation, 'date'>,
): RuleInForce | null => (factsIn(place, date) as Readonly<Record<string, RuleInForce>>)[id] ?? null;

/** What a rule is told of the places of a situation. Every fact in force has its figures, none where it names none. */
export const lookUp = (
  rule: { readonly id: string },
  situation: Situation,
): Omit<Asked<AnyFigures>, 'loads' | 'open'> => {
  const of = (place: Jurisdiction) => factsOf(rule, place, situation) as ReturnType<Asked<AnyFigures>['at']>;
  return {
    at: (side) => of(situation[side]),
    onTheWay: () => journeyOf(situation).flatMap((place) => of(place) ?? []),
    issuedIn: (country) => of({ country }),
    licencesOf: (country) => lawOf(country).licences,
    inForce: (other, side) => factsOf(other, situation[side], situation) !== null,
  };
};
