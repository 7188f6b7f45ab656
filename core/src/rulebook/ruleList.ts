import type { Loads } from '../loads/loads.ts';
import { message, type Message } from '../messages/message.ts';
import type { Check } from '../checks/check.ts';
import { journeyOf, type Situation } from '../situation/situation.ts';
import type { RuleId, RuleInForce, RulesInForce } from '../checks/ruleFacts.ts';
import { factsIn } from '../jurisdictions/inForce.ts';
import { notAsked } from './notAsked.ts';
import { ruleFigures } from './ruleFigures.ts';

/** A rule in force for this rig, what is known of it, and what it came to. */
export interface RuleEntry {
  readonly rule: RuleId;
  readonly name: Message;
  readonly facts: RuleInForce;
  /** The numbers it names, in words. */
  readonly figures: readonly Message[];
  /** Its checks on this rig; none where the rig has nothing it asks for. */
  readonly checks: readonly Check[];
  /** Why it does not apply, where it does not. */
  readonly whyNot: Message | null;
}

/** Every rule of the places where the bodies are registered and the driver's licence comes from, for the rule browser. */
export function ruleList({ view }: Loads, checks: readonly Check[]): readonly RuleEntry[] {
  const { situation } = view;
  const layer = {
    ...journeyFacts(situation),
    ...(situation.licence ? peopleFacts(situation.licence.issuer, situation.date) : {}),
    ...(view.trailer ? factsIn(situation.trailer, situation.date) : {}),
    ...(view.vehicle ? factsIn(situation.vehicle, situation.date) : {}),
  };
  return Object.entries(layer).flatMap(([id, facts]): RuleEntry[] => {
    if (!facts) return [];
    const rule = id as RuleId;
    const own = checks.filter((check) => check.rule === rule);
    const applies = own.some((check) => check.status !== 'notApplicable');
    const whyNot = applies ? null : (own[0]?.notes[0] ?? notAsked(rule, view));
    return [{ rule, name: message(`rule.${rule}`), facts, figures: ruleFigures(facts), checks: own, whyNot }];
  });
}

/** Rules that follow the road instead of the papers. */
const onTheRoad: readonly RuleId[] = ['ball.min', 'road.hundred', 'people.novice'];

const journeyFacts = (situation: Situation): RulesInForce =>
  Object.fromEntries(
    journeyOf(situation).flatMap((place) =>
      Object.entries(factsIn(place, situation.date)).filter(([rule]) => onTheRoad.includes(rule as RuleId)),
    ),
  );

const peopleFacts = (country: Parameters<typeof factsIn>[0]['country'], day: string | undefined) => {
  const { 'people.licence': licence, 'people.novice': novice } = factsIn({ country }, day);
  return { 'people.licence': licence, 'people.novice': novice };
};
