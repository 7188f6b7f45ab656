import type { PlannedOrWeighed } from '../loads/plannedOrWeighed.ts';
import type { RigView } from '../loading/rigView.ts';
import type { Ticket } from '../loading/ticket.ts';
import { viewThen } from '../scale/viewThen.ts';
import { isState } from '../state/stateLoads.ts';
import { noticeable } from '../state/underTotal.ts';
import { mightBe, type Suspect } from './mightBe.ts';
import { whereItSits, type UnlistedOn } from './unlisted.ts';

/** What the state of a rig counts on a body that nobody listed, which slip found it, and what it might be. */
export interface UnlistedNow extends UnlistedOn {
  readonly ticket: Ticket;
  /** The rig as it was listed on the day of the slip. */
  readonly then: RigView;
  readonly suspects: readonly Suspect[];
}

/** What nobody listed and counts until somebody says what it is, body by body; empty where no scale found more than chance. */
export function unlistedNow(loads: PlannedOrWeighed): readonly UnlistedNow[] {
  if (!isState(loads)) return [];
  return loads.unlisted.flatMap((one): readonly UnlistedNow[] => {
    const ticket = loads.slips[one.slip]?.kept.ticket;
    const body = loads.view[one.side];
    if (!ticket || !body || !noticeable(one.kg)) return [];
    const found: UnlistedOn = { body: body.id, ...whereItSits(one, loads.levers) };
    const then = viewThen(loads.view, ticket);
    return [{ ...found, ticket, then, suspects: mightBe(then, found) }];
  });
}
