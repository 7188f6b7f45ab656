import type { Country } from '../situation/countries.ts';
import type { AustralianState, Jurisdiction } from '../situation/situation.ts';
import { australianFacts } from './au.facts.ts';
import { stateFacts } from './auStates.facts.ts';
import { commonFacts } from './common.facts.ts';
import { europeanFacts, germanFacts } from './eu.facts.ts';
import { layered, type FactLayer, type RuleFacts, type RuleId, type RulesInForce } from '../checks/ruleFacts.ts';
import { austrianFacts, dutchFacts, frenchFacts, italianFacts, spanishFacts, swissFacts } from './neighbours.facts.ts';
import { britishFacts, northernIrishFacts } from './uk.facts.ts';

/** The day all these facts were last gone through. A new edition changes the facts and this with them. */
const rulesReviewed = '2026-11-25';

/** What plates and makers say wherever one is: no claim of law is made, and what only law asks is not asked. */
function withoutLaw(layer: FactLayer): FactLayer {
  const entries = Object.entries(layer).map(([rule, facts]) => {
    if (facts?.kind !== 'legal') return [rule, facts] as const;
    const source = facts.source === 'plateLaw' ? 'makerPlate' : facts.source;
    return [rule, facts.source === 'seatsAndBelts' ? null : { ...facts, kind: 'maker', source }] as const;
  });
  return Object.fromEntries(entries);
}

const byCountry: Readonly<Record<Country, FactLayer>> = {
  AU: layered(commonFacts, australianFacts),
  GB: layered(commonFacts, britishFacts),
  'GB-NIR': layered(commonFacts, britishFacts, northernIrishFacts),
  DE: layered(commonFacts, europeanFacts, germanFacts),
  FR: layered(commonFacts, europeanFacts, frenchFacts),
  IT: layered(commonFacts, europeanFacts, italianFacts),
  ES: layered(commonFacts, europeanFacts, spanishFacts),
  NL: layered(commonFacts, europeanFacts, dutchFacts),
  AT: layered(commonFacts, europeanFacts, austrianFacts),
  CH: layered(commonFacts, europeanFacts, swissFacts),
  plates: withoutLaw(commonFacts),
};

const askFor = (country: Country, { kind }: RuleFacts): string =>
  kind === 'maker' ? 'maker' : kind === 'guidance' ? 'adviser' : country;

function inForce(country: Country, layer: FactLayer): RulesInForce {
  const entries = Object.entries(layer).flatMap(([id, facts]) =>
    facts ? [[id as RuleId, { ...facts, ask: askFor(country, facts), reviewed: rulesReviewed }] as const] : [],
  );
  return Object.fromEntries(entries);
}

const national = Object.fromEntries(
  Object.entries(byCountry).map(([country, layer]) => [country, inForce(country as Country, layer)]),
) as Record<Country, RulesInForce>;

const byState = Object.fromEntries(
  Object.entries(stateFacts).map(([state, layer]) => [state, inForce('AU', layered(byCountry.AU, layer))]),
) as Record<AustralianState, RulesInForce>;

/** The rules in force for something registered in, or travelling through, a place. */
export const factsIn = ({ country, state }: Jurisdiction): RulesInForce =>
  country === 'AU' && state ? byState[state] : national[country];
