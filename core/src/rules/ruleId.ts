import type { RuleFacts, RuleInForce } from '../checks/ruleFacts.ts';
import type { allRules } from './allRules.ts';
import type { FactsOf } from './rule.ts';

type Listed = (typeof allRules)[number];
export type RuleId = Listed['id'];
type ById = { readonly [One in Listed as One['id']]: One };

export type RulesInForce = Readonly<Partial<Record<RuleId, RuleInForce>>>;

/**
 * A layer of a rulebook: a later layer replaces an earlier one, rule by rule; null takes a rule out of force. Where a rule changes
 * on a day, its rows one after the other, each with its days. Each rule's figures are those it names itself.
 */
export type FactLayer = {
  readonly [Id in RuleId]?: FactsOf<ById[Id]> | readonly FactsOf<ById[Id]>[] | null;
};

/** A layer read from outside its types: whatever the rule. */
export type PlainLayer = Readonly<Record<string, RuleFacts | readonly RuleFacts[] | null | undefined>>;
