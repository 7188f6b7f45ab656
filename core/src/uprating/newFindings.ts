import { findings, type Finding } from '../limits/findings.ts';
import type { Loads } from '../loads/loads.ts';

/** A plate the parts do not bear; a plate that leaves room, or a question about a figure, is none of it. */
const bearing: readonly string[] = [
  'axlesBelowTotal',
  'plateAboveMaker',
  'tyresBelowPlate',
  'partBelowPlate',
  'axlesAbovePlate',
  'plateNeedsBall',
];

/** What does not add up under the new plates and did under the old ones: no certifier could set such a figure. */
export function newFindings(before: Loads, after: Loads): readonly Finding[] {
  const known = new Set(findings(before).map(({ code, body }) => `${code} ${body}`));
  return findings(after).filter(({ code, body }) => bearing.includes(code) && !known.has(`${code} ${body}`));
}
