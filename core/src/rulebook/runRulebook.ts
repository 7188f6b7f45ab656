import { unreckonable, type Loads } from '../loads/loads.ts';
import type { Check } from '../checks/check.ts';
import { allRules } from '../rules/allRules.ts';
import { withSomebodyWhoMay } from '../rules/drivers.ts';
import { asking, isAsked, type AnyRule } from '../rules/rule.ts';
import { agedConfidence } from '../situation/dated.ts';
import { lookUp } from './lookUp.ts';

/** Every check of the rig in its situation. Missing data, and figures that make no number, give `unknown`, never an exception. */
export const runRulebook = (loads: Loads): readonly Check[] =>
  settled(
    allRules.flatMap((rule: AnyRule) => answer(rule, loads)),
    loads,
  );

const answer = (rule: AnyRule, loads: Loads): readonly Check[] =>
  isAsked(rule, loads.view) ? rule.check(asking(rule, loads, lookUp(rule, loads))) : [];

const settled = (checks: readonly Check[], loads: Loads): readonly Check[] =>
  withSomebodyWhoMay(checks).map((check) => aged(isFinite(check) ? check : unknown(check, loads)));

/**
 * A rule that was to be gone through again, or is not known for the day, is less sure. Being overdue softens only what passes: over stays
 * over.
 */
function aged(check: Check): Check {
  const { source, status } = check;
  const { overdueSince, notKnownBefore } = source;
  if (overdueSince === undefined && notKnownBefore === undefined) return check;
  if (notKnownBefore === undefined && status === 'over') return check;
  return { ...check, source: { ...source, confidence: agedConfidence(source.confidence, source) } };
}

/**
 * The rulebook for one rig at many moments, between which its loads change and little else. A rule that asked nothing of the loads
 * (plates, papers, equipment, who may drive) answers once, and again only when a body, the rig or the situation is another one.
 */
export function rulebookAlong(): typeof runRulebook {
  const answered = new Map<AnyRule, { readonly of: readonly unknown[]; readonly checks: readonly Check[] }>();
  /** Rules that asked something of the loads once: they are not watched again. */
  const lean = new Set<AnyRule>();
  return (loads) => {
    const { rig, vehicle, trailer, camper, situation, typical } = loads.view;
    const of = [rig, vehicle, trailer, camper, situation, typical, loads.from];
    const checks = allRules.flatMap((rule: AnyRule) => {
      if (lean.has(rule)) return answer(rule, loads);
      const known = answered.get(rule);
      if (known?.of.every((one, at) => one === of[at])) return known.checks;
      const watched = watchedLoads(loads);
      const found = answer(rule, watched.loads);
      if (watched.leaned()) lean.add(rule);
      else answered.set(rule, { of, checks: found });
      return found;
    });
    return settled(checks, loads);
  };
}

/** What of a rig stays as it is while it is driven; all else of its loads changes. */
const standing: readonly PropertyKey[] = ['rig', 'vehicle', 'trailer', 'camper', 'situation', 'typical'];

/** The same loads, and whether anything of them was asked that changes from moment to moment. */
function watchedLoads(loads: Loads): { readonly loads: Loads; readonly leaned: () => boolean } {
  let leaned = false;
  const view = new Proxy(loads.view, {
    get: (target, key, self) => {
      leaned ||= !standing.includes(key);
      return Reflect.get(target, key, self) as unknown;
    },
    ownKeys: (target) => {
      leaned = true;
      return Reflect.ownKeys(target);
    },
  });
  const watched = new Proxy(loads, {
    get: (target, key, self) => {
      if (key === 'view') return view;
      leaned ||= key !== 'from';
      return Reflect.get(target, key, self) as unknown;
    },
    ownKeys: (target) => {
      leaned = true;
      return Reflect.ownKeys(target);
    },
  });
  return { loads: watched, leaned: () => leaned };
}

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
