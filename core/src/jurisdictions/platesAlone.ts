import type { FactLayer } from '../rules/ruleId.ts';
import { rules } from './common/rules.ts';
import type { Law, Note } from './law.ts';
import { always } from './when.ts';

/** What plates and makers say wherever one is: no claim of law is made, and what only law asks is not asked. */
function withoutLaw(layer: FactLayer): FactLayer {
  const entries = Object.entries(layer).map(([rule, facts]) => {
    if (!facts || !('kind' in facts) || facts.kind !== 'legal') return [rule, facts] as const;
    const source = facts.source === 'plateLaw' ? 'makerPlate' : facts.source;
    return [rule, facts.source === 'seatsAndBelts' ? null : { ...facts, kind: 'maker', source }] as const;
  });
  return Object.fromEntries(entries) as FactLayer;
}

/** What nobody judges where no law is asked: it is named, since silence would read as in order. */
const unjudged = { by: 'vehicle', source: 'makerPlate', confidence: 'high', unjudged: true } as const;
const notes: readonly Note[] = [
  { ...unjudged, id: 'platesTowing', when: { towing: true }, harm: 'hurt' },
  { ...unjudged, id: 'platesDriving', when: always, harm: 'fine' },
];

/** A place without a law of ours. */
export const platesAlone: Law = {
  place: 'plates',
  rules: [withoutLaw(rules)],
  thresholds: [],
  notes,
  speeds: null,
  sanctions: [],
  licences: null,
  uprating: null,
};
