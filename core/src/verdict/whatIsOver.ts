import { breaksLaw, binds, type Check } from '../checks/check.ts';
import type { Message } from '../messages/message.ts';
import type { Assessment } from './assess.ts';
import { mustLeave } from './mustLeave.ts';
import { remedies } from './remedies.ts';
import { plainExcess } from './sentence.ts';

/** Every limit that binds and is passed: what the law forbids first, then by how much. */
export const overChecks = ({ checks }: Pick<Assessment, 'checks'>): readonly Check[] =>
  checks
    .filter((check) => check.status === 'over' && binds(check))
    .sort((a, b) => Number(breaksLaw(b)) - Number(breaksLaw(a)) || (a.margin ?? 0) - (b.margin ?? 0));

/** A limit that is passed, by how much, and what to move or leave for it. */
export interface Over {
  readonly check: Check;
  readonly excess: Message;
  /** The smallest single thing that mends it, else how many kg must go and where; null: neither is known. */
  readonly mend: Message | null;
}

/** What is over and what would mend it, the worst first: the answer at the end of a weighing. */
export const whatIsOver = (assessment: Assessment): readonly Over[] =>
  overChecks(assessment).map((check) => ({
    check,
    excess: plainExcess(assessment.loads.view, check),
    mend: remedies(assessment, check)[0]?.says ?? mustLeave(assessment, check)?.says ?? null,
  }));
