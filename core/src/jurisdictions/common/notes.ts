import type { FactLayer } from '../../rules/ruleId.ts';
import type { Note } from '../law.ts';

/** Where mirrors are asked for behind a wider trailer: said as long as nobody knows whether this one is wider. As sure as the rule is. */
export function mirrorsNote(layer: FactLayer): readonly Note[] {
  const facts = layer['mirrors.wide'];
  if (!facts || !('kind' in facts)) return [];
  const { source, confidence } = facts;
  return [
    { id: 'widerThanCar', by: 'vehicle', when: { towing: true, mirrorsOpen: true }, source, confidence, harm: 'fine' },
  ];
}
