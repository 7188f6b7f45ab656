import { binds, comparesLoad, leavesOpen, type Check } from '../checks/check.ts';

/** Of what law asks for or what binds, what nobody can judge yet. */
export const isOpen = (check: Check): boolean => leavesOpen(check) || (binds(check) && check.status === 'unknown');

/** What is still to be answered beside the loads: of equipment, tyres, people, licences; in the checks' order. */
export const openQuestions = (checks: readonly Check[]): readonly Check[] =>
  checks.filter((check) => isOpen(check) && !comparesLoad(check));

/** Limits of a load that nobody can judge yet. */
export const openLoads = (checks: readonly Check[]): readonly Check[] =>
  checks.filter((check) => isOpen(check) && comparesLoad(check));
