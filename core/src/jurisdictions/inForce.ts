import { checksKindAsks, type FactLayer, type RuleFacts, type RuleId, type RulesInForce } from '../checks/ruleFacts.ts';
import type { Jurisdiction } from '../situation/situation.ts';
import { checkAgainBy, compiledOn, holdsOn } from '../situation/dated.ts';
import type { Law } from './law.ts';
import { allLaws, lawOf } from './laws.ts';

/** The rules of one place, for each stretch of time in which nothing of them changes. */
interface Stretches {
  /** Days on which something begins or ends, in order. */
  readonly borders: readonly string[];
  /** One more than there are borders. */
  readonly between: readonly RulesInForce[];
}

const rowsOf = (facts: FactLayer[RuleId]): readonly RuleFacts[] =>
  facts === null || facts === undefined
    ? []
    : Array.isArray(facts)
      ? (facts as readonly RuleFacts[])
      : [facts as RuleFacts];

function stretchesOf(law: Law, layers: readonly FactLayer[]): Stretches {
  // A later layer replaces an earlier one, rule by rule; null takes a rule out of force.
  const whole = Object.assign({}, ...layers) as FactLayer;
  const rows = Object.entries(whole).map(([id, facts]) => [id as RuleId, rowsOf(facts)] as const);
  const days = rows.flatMap(([, list]) => list.flatMap(({ from, until }) => [from, until]));
  const borders = [...new Set(days.filter((day) => day !== undefined))].sort();
  const inForce = (day: string): RulesInForce =>
    Object.fromEntries(
      rows.flatMap(([id, list]) => {
        const facts = list.find((one) => holdsOn(one, day));
        return facts ? [[id, { compiled: compiledOn, checkAgainBy, ...facts, ask: askFor(law, facts) }]] : [];
      }),
    );
  return { borders, between: ['', ...borders].map(inForce) };
}

const askFor = ({ place }: Law, facts: RuleFacts): string => checksKindAsks[facts.kind] ?? place;

const national = new Map(allLaws.map((law) => [law.place, stretchesOf(law, law.rules)]));
const byState = new Map(
  allLaws.flatMap((law) =>
    Object.entries(law.states ?? {}).map(([state, layer]) => [
      `${law.place} ${state}`,
      stretchesOf(law, [...law.rules, layer]),
    ]),
  ),
);

/**
 * The rules in force for something registered in, or travelling through, a place.
 * @param day ISO 8601; left out: the day the rules were written down
 */
export function factsIn({ country, state }: Jurisdiction, day: string = compiledOn): RulesInForce {
  const found = byState.get(`${country} ${state ?? ''}`) ?? national.get(country);
  if (!found) throw new RangeError(`no law of ${lawOf(country).place}`);
  let at = 0;
  for (const border of found.borders) if (border <= day) at += 1;
  return found.between[at] ?? {};
}
