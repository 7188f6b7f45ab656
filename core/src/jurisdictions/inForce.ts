import { addDays, formatISO, parseISO } from 'date-fns';
import { checksKindAsks, type RuleFacts } from '../checks/ruleFacts.ts';
import { allRules } from '../rules/allRules.ts';
import type { AnyRule } from '../rules/rule.ts';
import type { PlainLayer, RulesInForce } from '../rules/ruleId.ts';
import type { Jurisdiction } from '../situation/situation.ts';
import { againBy, agedOn, believedSince, compiledOn, holdsOn, type Review } from '../situation/dated.ts';
import type { Law } from './law.ts';
import { allLaws, lawOf } from './laws.ts';

/** The rules of one place, for each stretch of time in which nothing of them changes. */
interface Stretches {
  /** Days on which something begins or ends, in order. */
  readonly borders: readonly string[];
  /** One more than there are borders. */
  readonly between: readonly RulesInForce[];
}

const rowsOf = (facts: PlainLayer[string]): readonly RuleFacts[] => (!facts ? [] : 'kind' in facts ? [facts] : facts);

/** What rules that few places know tell of a place themselves. */
const toldWithRules = ({ place }: Law): PlainLayer =>
  Object.fromEntries(allRules.map((rule: AnyRule) => [rule.id, rule.places?.[place]]));

function stretchesOf(law: Law, layers: readonly PlainLayer[]): Stretches {
  // A later layer replaces an earlier one, rule by rule; null takes a rule out of force.
  const whole = Object.assign(toldWithRules(law), ...layers) as PlainLayer;
  const rows = Object.entries(whole).map(([id, facts]) => [id, rowsOf(facts)] as const);
  // A day of review is past on the day after it.
  const days = [
    believedSince,
    ...rows.flatMap(([id, list]) => list.flatMap((one) => [one.from, one.until, dayAfter(againBy(one, reviewOf(id)))])),
  ];
  const borders = [...new Set(days.filter((day) => day !== undefined))].sort();
  const inForce = (day: string): RulesInForce =>
    Object.fromEntries(
      rows.flatMap(([id, list]) => {
        const facts = list.find((one) => holdsOn(one, day));
        if (!facts) return [];
        const checkAgainBy = againBy(facts, reviewOf(id));
        const aged = agedOn(facts, reviewOf(id), day);
        const ask = askFor(law, facts);
        return [[id, { compiled: compiledOn, figures: none, ...facts, checkAgainBy, ...aged, ask }]];
      }),
    );
  return { borders, between: ['0000-01-01', ...borders].map(inForce) };
}

/** Licences and speeds change more often than how vehicles are built. */
const drivingRules = new Set(
  allRules.filter(({ group }) => group === 'people' || group === 'road').map(({ id }) => `${id}`),
);
const reviewOf = (rule: string): Review => (drivingRules.has(rule) ? 'driving' : 'construction');

const dayAfter = (day: string): string => formatISO(addDays(parseISO(day), 1), { representation: 'date' });

/** A rule that names no figures. */
const none = {};

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
