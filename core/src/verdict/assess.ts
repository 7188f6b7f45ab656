import type { Compiled } from '../loads/compile.ts';
import { stateLoads } from '../state/stateLoads.ts';
import type { Loads } from '../loads/loads.ts';
import type { PlannedOrWeighed } from '../loads/plannedOrWeighed.ts';
import { withTypical } from '../loading/typical.ts';
import type { RigView } from '../loading/rigView.ts';
import { message, type Message } from '../messages/message.ts';
import { binds, bindsLoad, type Check } from '../checks/check.ts';
import { rulesAge } from '../rulebook/rulesAge.ts';
import { runRulebook } from '../rulebook/runRulebook.ts';
import { claimsLaw, isAged, legality, verdictLevel, type VerdictLevel } from './verdictLevel.ts';
import { verdictSentence } from './sentence.ts';
import { decidedAsUsual } from './typicalMessage.ts';

/** A rig, its loads, every check and what they come to. */
export interface Assessment<Of extends Loads = PlannedOrWeighed> {
  readonly loads: Of;
  readonly checks: readonly Check[];
  /** true, false, or null while a legal check that applies is unknown and none is over, and where no law is asked. */
  readonly legal: boolean | null;
  readonly mark: VerdictLevel;
  /** The limit with the least left, over first; guidance does not govern. */
  readonly governing: Check | null;
  readonly sentence: Message;
}

/** A rig judged from all that is known of it. */
export type PlannedAssessment = Assessment<Compiled>;

/** The whole way from a rig to its verdict; what nobody has said is taken as is usual where the owner wants it so. */
export function assess(view: RigView): PlannedAssessment {
  const { loads, checks } = judge(view);
  return assessed(loads, checks);
}

/**
 * The loads of a rig from all that is known of it and every check of them: a verdict without its words.
 * @param run the rulebook; of one rig at many moments `rulebookAlong`
 */
export function judge(view: RigView, run = runRulebook): Pick<PlannedAssessment, 'loads' | 'checks'> {
  const loads = stateLoads(withTypical(view));
  return { loads, checks: run(loads) };
}

/** What these checks come to, wherever the loads are from. */
export function assessed<Of extends Loads>(loads: Of, checks: readonly Check[]): Assessment<Of> {
  const { view } = loads;
  const settled = legality(checks);
  const mark = verdictLevel(settled, checks);
  const legal = claimsLaw(checks) ? settled : null;
  const said = asUsual(verdictSentence(view, checks, mark), checks);
  return {
    loads,
    checks,
    legal,
    mark,
    governing: governingCheck(checks),
    // Over stays over, however old the rules are by which the rest passes.
    sentence: settled === false ? said : asAged(said, checks),
  };
}

/** A verdict that rests on what is usual says so. */
const asUsual = (what: Message, checks: readonly Check[]): Message =>
  checks.some((check) => (check.required || binds(check)) && decidedAsUsual(check))
    ? message('verdict.asUsual', { what })
    : what;

/** A verdict that passes by rules nobody has gone through again in time, or that are not known for the day, says so. */
function asAged(what: Message, checks: readonly Check[]): Message {
  const { overdue, notKnown } = rulesAge(checks.filter(isAged));
  const [unknown, late] = [notKnown[0], overdue[0]];
  const said = (rule: string, day: string, count: number) => ({ what, day, count, rule: message(`rule.${rule}`) });
  if (unknown) return message('verdict.notKnownThen', said(unknown.rule, unknown.before, notKnown.length - 1));
  return late ? message('verdict.asFarAsReviewed', said(late.rule, late.by, overdue.length - 1)) : what;
}

function governingCheck(checks: readonly Check[]): Check | null {
  let least: Check | null = null;
  for (const check of checks) {
    if (!bindsLoad(check)) continue;
    if (least?.margin === null || least?.margin === undefined || check.margin < least.margin) least = check;
  }
  return least;
}
