import type { AustralianState } from '../../situation/situation.ts';
import type { RuleFacts } from '../../checks/ruleFacts.ts';
import type { FactLayer } from '../../rules/ruleId.ts';

/** What a new driver may tow, kg; a stage that is not named is not known. */
const novice = (confidence: RuleFacts['confidence'], figures: RuleFacts['figures'] = {}): FactLayer => ({
  'people.novice': { kind: 'legal', confidence, source: 'auNovice', variesBy: 'state', figures },
});

/**
 * Where a state is known to differ from the national picture. From general knowledge, not yet checked against the texts:
 * where nothing is known it is said so, and nothing is judged.
 */
export const states: Readonly<Record<AustralianState, FactLayer>> = {
  NSW: novice('medium', { learnerMostKg: 0, p1UnladenMostKg: 250, p2Free: true }),
  VIC: novice('medium', { learnerMostKg: 0, p1MostKg: 0, p2Free: true }),
  ACT: novice('low', { learnerPlatedMostKg: 750, p1PlatedMostKg: 750 }),
  QLD: novice('low'),
  SA: novice('low'),
  WA: novice('low'),
  TAS: novice('low'),
  NT: novice('low'),
};
