import { unreckonable, type Loads } from '../loads/loads.ts';
import type { Check } from '../checks/check.ts';
import { allRules } from '../rules/allRules.ts';
import { withSomebodyWhoMay } from '../rules/drivers.ts';
import { asking, isAsked, type AnyRule } from '../rules/rule.ts';
import { lookUp } from './lookUp.ts';

/** Every check of the rig in its situation. Missing data, and figures that make no number, give `unknown`, never an exception. */
export const runRulebook = (loads: Loads): readonly Check[] => {
  const checks = allRules.flatMap((rule: AnyRule) =>
    isAsked(rule, loads.view) ? rule.check(asking(rule, loads, lookUp(rule, loads.view.situation))) : [],
  );
  return withSomebodyWhoMay(checks).map((check) => (isFinite(check) ? check : unknown(check, loads)));
};

const isFinite = ({ demand, limit, margin, sigma }: Check): boolean =>
  [demand, limit, margin, sigma].every((one) => one === null || Number.isFinite(one));

const unknown = (check: Check, { view }: Loads): Check => ({
  ...check,
  demand: null,
  sigma: null,
  limit: null,
  margin: null,
  use: null,
  either: undefined,
  status: 'unknown',
  missing: [unreckonable(view)],
});
