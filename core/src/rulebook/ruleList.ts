import type { Loads } from '../loads/loads.ts';
import { message, type Message } from '../messages/message.ts';
import type { Check } from '../checks/check.ts';
import type { RuleInForce } from '../checks/ruleFacts.ts';
import { allRules } from '../rules/allRules.ts';
import { driversOf } from '../rules/drivers.ts';
import { notAsked, type AnyRule } from '../rules/rule.ts';
import type { RigView } from '../loading/rigView.ts';
import { agedConfidence } from '../situation/dated.ts';
import { journeyOf, type Jurisdiction } from '../situation/situation.ts';
import { factsOf } from './lookUp.ts';
import { ruleFigures } from './ruleFigures.ts';

/** A rule in force for this rig, what is known of it, and what it came to. */
export interface RuleEntry {
  readonly rule: string;
  readonly name: Message;
  readonly facts: RuleInForce;
  /** The numbers it names, in words. */
  readonly figures: readonly Message[];
  /** Its checks on this rig; none where the rig has nothing it asks for. */
  readonly checks: readonly Check[];
  /** Why it does not apply, where it does not. */
  readonly whyNot: Message | null;
}

/** Every rule of the places where the bodies are registered, of the road, and of whoever issued the licences, for the rule browser. */
export const ruleList = ({ view }: Loads, checks: readonly Check[]): readonly RuleEntry[] =>
  allRules.flatMap((rule: AnyRule): RuleEntry[] => {
    const facts = placesOf(rule, view)
      .map((place) => factsOf(rule, place, view.situation))
      .find((found) => found !== null);
    if (!facts) return [];
    const own = checks.filter((check) => check.rule === rule.id);
    const applies = own.some((check) => check.status !== 'notApplicable');
    const whyNot = applies ? null : (own[0]?.notes[0] ?? notAsked(rule, view));
    const name = message(`rule.${rule.id}`);
    const aged = { ...facts, confidence: agedConfidence(facts.confidence, facts) };
    return [{ rule: rule.id, name, facts: aged, figures: ruleFigures(rule, facts), checks: own, whyNot }];
  });

/** The places that are asked about a rule, the one whose answer counts first. */
function placesOf({ by }: AnyRule, { situation, vehicle, trailer }: RigView): readonly Jurisdiction[] {
  const papers = [...(vehicle ? [situation.vehicle] : []), ...(trailer ? [situation.trailer] : [])];
  if (by === 'road') return [...journeyOf(situation), ...papers];
  if (by === 'issuer') return [...driversOf(situation).map(({ licence }) => ({ country: licence.issuer })), ...papers];
  return by === 'trailer' ? [...papers].reverse() : papers;
}
