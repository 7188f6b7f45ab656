import type { FactLayer } from '../rules/ruleId.ts';
import { rules } from './common/rules.ts';
import type { Law } from './law.ts';

/** What plates and makers say wherever one is: no claim of law is made, and what only law asks is not asked. */
function withoutLaw(layer: FactLayer): FactLayer {
  const entries = Object.entries(layer).map(([rule, facts]) => {
    if (!facts || !('kind' in facts) || facts.kind !== 'legal') return [rule, facts] as const;
    const source = facts.source === 'plateLaw' ? 'makerPlate' : facts.source;
    return [rule, facts.source === 'seatsAndBelts' ? null : { ...facts, kind: 'maker', source }] as const;
  });
  return Object.fromEntries(entries) as FactLayer;
}

/** A place without a law of ours. */
export const platesAlone: Law = {
  place: 'plates',
  rules: [withoutLaw(rules)],
  marks: [],
  notes: [],
  speeds: null,
  sanctions: [],
  licences: null,
  uprating: null,
};
