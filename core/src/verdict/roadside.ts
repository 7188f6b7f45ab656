import type { Check } from '../checks/check.ts';

/** What a plate says and an officer asks: totals, axles, what is towed, the most that may rest on the coupling. */
const asked: readonly Check['role'][] = ['total', 'axle', 'towing', 'ballMost'];

/** The checks a stop at the roadside is about, in the order of the verdict. */
export const roadsideChecks = (checks: readonly Check[]): readonly Check[] =>
  checks.filter(({ role, status }) => asked.includes(role) && status !== 'notApplicable');
