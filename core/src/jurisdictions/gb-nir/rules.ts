import type { FactLayer } from '../../rules/ruleId.ts';
import { lessSure } from '../../situation/confidence.ts';
import { rules as british } from '../gb/rules.ts';

/** The rules that mirror Great Britain's, one level less sure: they were not matched line by line. */
const mirrored = Object.fromEntries(
  Object.entries(british).flatMap(([id, facts]) =>
    facts && 'kind' in facts && facts.kind === 'legal' && facts.source === 'ukConstructionAndUse'
      ? [[id, { ...facts, source: 'niConstructionAndUse', edition: '1999', confidence: lessSure[facts.confidence] }]]
      : [],
  ),
) as FactLayer;

/** Northern Ireland: construction and use usually as in Great Britain; licences as they were before December 2021. */
export const rules: FactLayer = {
  ...mirrored,
  'people.licence': { kind: 'legal', confidence: 'medium', source: 'niLicence' },
};
