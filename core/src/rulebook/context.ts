import type { RuleId, RuleInForce } from '../checks/ruleFacts.ts';
import type { Loads } from '../loads/loads.ts';
import type { LimitName } from '../rig/limitNames.ts';
import { platedLimit, type Limit } from '../rig/plated.ts';
import { regionOf, type Region } from '../situation/situation.ts';
import type { Side } from '../statics/pointLoad.ts';
import { factsIn } from '../jurisdictions/inForce.ts';

/** What is known of a rule where a body is registered; null where it is not in force there. */
export const factsFor = (loads: Loads, side: Side, rule: RuleId): RuleInForce | null =>
  factsIn(loads.view.situation[side], loads.view.situation.date)[rule] ?? null;

/** The region of the rulebook that a body follows. */
export const regionFor = (loads: Loads, side: Side): Region => regionOf(loads.view.situation[side].country);

/** The lowest figure that holds, of the bodies asked. */
export const plated = (loads: Loads, limit: LimitName, holders: readonly Side[]): Limit =>
  platedLimit(
    loads.view,
    limit,
    holders.map((side) => loads.view[side]),
  );
