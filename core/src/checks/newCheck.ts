import type { Loads } from '../loads/loads.ts';
import { message, type Message } from '../messages/message.ts';
import { regionOf, type Region } from '../situation/situation.ts';
import type { Missing } from '../rig/missing.ts';
import type { Side } from '../statics/pointLoad.ts';
import type { Check, CheckGroup, CheckRole, CheckStatus, LimitPart } from './check.ts';
import type { Judged } from './judgeLoad.ts';
import type { RuleInForce } from './ruleFacts.ts';

/** What every check has, whatever it compares. */
export interface Frame {
  readonly rule: string;
  readonly role?: CheckRole | undefined;
  readonly facts: RuleInForce;
  readonly side: Side;
  readonly group: CheckGroup;
  readonly quantity: Check['quantity'];
  readonly name: Message;
  /** Where one rule makes several checks. */
  readonly id?: string | undefined;
  /** Where it is not that of the body's papers. */
  readonly region?: Region | undefined;
  readonly counts?: Check['counts'];
  readonly driver?: string | undefined;
  readonly sense?: Check['sense'] | undefined;
  readonly unit?: Check['unit'];
  readonly required?: boolean | undefined;
}

/**
 * The frame of a check that nothing has been compared in yet: a yes or no, until figures are put in. Every field is written
 * out, here and in `judgedAs`: one shape for all checks keeps a full evaluation fast.
 */
export const newCheck = (loads: Loads, frame: Frame): Check => ({
  id: frame.id ?? frame.rule,
  rule: frame.rule,
  role: frame.role ?? null,
  region: frame.region ?? regionOf(loads.view.situation[frame.side].country),
  kind: frame.facts.kind,
  group: frame.group,
  quantity: frame.quantity,
  unit: frame.unit,
  name: frame.name,
  sense: frame.sense ?? 'max',
  demand: null,
  ways: undefined,
  sigma: null,
  limit: null,
  margin: null,
  status: 'unknown',
  required: frame.required ?? false,
  source: frame.facts,
  worked: undefined,
  figures: noFigures,
  missing: noFigures,
  notes: noFigures,
  use: null,
  either: undefined,
  lengths: undefined,
  typical: undefined,
  counts: frame.counts,
  driver: frame.driver,
});

const noFigures: readonly never[] = [];

/** A check with its comparison put in. */
export const judgedAs = (
  check: Check,
  judged: Judged,
  more: Partial<Pick<Check, 'figures' | 'notes' | 'worked' | 'either' | 'limit' | 'demand'>> = {},
): Check => ({
  id: check.id,
  rule: check.rule,
  role: check.role,
  region: check.region,
  kind: check.kind,
  group: check.group,
  quantity: check.quantity,
  unit: check.unit,
  name: check.name,
  sense: check.sense,
  demand: more.demand === undefined ? judged.demand : more.demand,
  ways: judged.ways,
  sigma: judged.sigma,
  limit: more.limit === undefined ? judged.limit : more.limit,
  margin: judged.margin,
  status: judged.status,
  required: check.required,
  source: check.source,
  worked: more.worked,
  figures: more.figures ?? noFigures,
  missing: judged.missing,
  notes: more.notes ?? noFigures,
  use: judged.use,
  either: more.either,
  lengths: judged.lengths,
  typical: judged.typical,
  counts: check.counts,
  driver: check.driver,
});

/** A limit that is so many times a mass, and no more than others allow. `null` where the mass is not known. */
export const timesOf = (
  name: Message,
  value: number | null,
  times: number,
  atMost: readonly LimitPart[] = [],
): Pick<Check, 'worked'> =>
  value === null
    ? {}
    : {
        worked: {
          op: 'product',
          of: [
            { name, value },
            { name: message('step.share'), value: times, unit: 'share' },
          ],
          atMost,
        },
      };

type Counted = Pick<Check, 'demand' | 'limit' | 'margin' | 'sigma' | 'status'>;

/** Compares what has no ± : figures off plates, people, years. `null`: not known. */
export function judgeCounted(sense: Check['sense'], demand: number | null, limit: number | null): Counted {
  if (demand === null || limit === null) return { demand, limit, sigma: null, margin: null, status: 'unknown' };
  const margin = sense === 'max' ? limit - demand : demand - limit;
  return { demand, limit, sigma: 0, margin, status: margin < -1e-6 ? 'over' : 'within' };
}

/** The status of something that is there, is not, or that nobody has looked at. */
export function judgePresence(
  presence: 'present' | 'absent' | 'unknown' | undefined,
  missing: Missing,
): { readonly status: CheckStatus; readonly missing: readonly Missing[] } {
  if (presence === 'present') return { status: 'within', missing: [] };
  return presence === 'absent' ? { status: 'over', missing: [] } : { status: 'unknown', missing: [missing] };
}
