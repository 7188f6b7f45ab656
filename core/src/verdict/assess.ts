import { compile, type Compiled } from '../loading/compile.ts';
import type { RigView } from '../loading/rigView.ts';
import type { Message } from '../messages/message.ts';
import { bindingKinds, breaksLaw, comparesLoad, mayBreakLaw, type Check } from '../rulebook/check.ts';
import { runRulebook } from '../rulebook/runRulebook.ts';
import { verdictSentence } from './sentence.ts';

/** `tight`: legal, with a limit inside the owner's reserve or inside what is not known for certain. */
export type Mark = 'legal' | 'tight' | 'maker' | 'over' | 'undecided';

/** A rig, its loads, every check and what they come to. */
export interface Assessment {
  readonly compiled: Compiled;
  readonly checks: readonly Check[];
  /** true, false, or null when a required check is unknown and nothing legal is over. */
  readonly legal: boolean | null;
  readonly mark: Mark;
  /** The limit with the least left, over first; guidance does not govern. */
  readonly governing: Check | null;
  readonly sentence: Message;
}

/** The whole way from a rig to its verdict. */
export function assess(view: RigView): Assessment {
  const compiled = compile(view);
  return assessed(compiled, runRulebook(compiled));
}

/** What these checks come to, wherever the loads are from. */
export function assessed(compiled: Compiled, checks: readonly Check[]): Assessment {
  const { view } = compiled;
  const legal = legality(checks);
  const mark = markOf(legal, checks);
  return {
    compiled,
    checks,
    legal,
    mark,
    governing: governingCheck(checks),
    sentence: verdictSentence(view, checks, mark),
  };
}

/**
 * Over beats unknown; unknown counts only on the required list; a maker's breach leaves legality as it is. What a rule of
 * low confidence calls over leaves it open.
 */
export function legality(checks: readonly Check[]): boolean | null {
  if (checks.some(breaksLaw)) return false;
  return checks.some((check) => (check.required && check.status === 'unknown') || mayBreakLaw(check)) ? null : true;
}

function markOf(legal: boolean | null, checks: readonly Check[]): Mark {
  if (legal === false) return 'over';
  if (checks.some((check) => check.kind === 'maker' && check.status === 'over')) return 'maker';
  if (legal === null) return 'undecided';
  return checks.some((check) => bindingKinds.includes(check.kind) && check.status === 'tight') ? 'tight' : 'legal';
}

function governingCheck(checks: readonly Check[]): Check | null {
  let least: Check | null = null;
  for (const check of checks) {
    if (!bindingKinds.includes(check.kind) || !comparesLoad(check) || check.margin === null) continue;
    if (least?.margin === null || least?.margin === undefined || check.margin < least.margin) least = check;
  }
  return least;
}
