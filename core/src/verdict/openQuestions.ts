import { binds, comparesLoad, leavesOpen, type Check } from '../checks/check.ts';

/** What is still to be answered where every load that law asks for is known: of equipment, tyres, people, licences; in the checks' order. */
export const openQuestions = (checks: readonly Check[]): readonly Check[] =>
  checks.filter((check) => (leavesOpen(check) || (binds(check) && check.status === 'unknown')) && !comparesLoad(check));

/** Makers' limits of a load that nobody can judge yet. */
export const openLoads = (checks: readonly Check[]): readonly Check[] =>
  checks.filter((check) => binds(check) && check.status === 'unknown' && comparesLoad(check));
