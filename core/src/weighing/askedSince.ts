import { placedMass } from '../loading/placed.ts';
import type { Ticket } from '../loading/ticket.ts';
import type { RigView } from '../loading/rigView.ts';
import type { PlannedOrWeighed } from '../loads/plannedOrWeighed.ts';
import { isState } from '../state/stateLoads.ts';

/** Something entered or deleted after a slip, of which nobody has said whether it was so on the scale already. kg */
export interface AskedSince {
  readonly ticket: string;
  readonly kind: 'entered' | 'deleted';
  readonly what: 'thing' | 'crew';
  readonly id: string;
  readonly name: string;
  readonly mass: number;
}

/**
 * What is asked: of every slip the things taken off the inventory since, each once, which count as on board until it is answered; and of
 * the newest, where the scale found more than was listed, things and people on board now that its list does not have, which count as new.
 */
export function askedSince(loads: PlannedOrWeighed): readonly AskedSince[] {
  if (!isState(loads)) return [];
  const { view } = loads;
  const [newest] = loads.slips;
  const then = newest?.kept.then;
  const ticket = newest?.kept.ticket;
  if (!ticket?.loadout || !then) return [];
  const settled = new Set(ticket.since ?? []);
  const gone = loads.slips.flatMap((slip) => deleted(slip.kept.ticket));
  const once = gone.filter((one, at) => gone.findIndex(({ id }) => id === one.id) === at);
  const more = loads.beside('vehicle') > 0 || loads.beside('trailer') > 0;
  return [...once, ...(more && ticket.loadout.id === view.loadout.id ? entered(view, then, ticket.id, settled) : [])];
}

function deleted({ id: ticket, loadout, gone = [], since = [] }: Ticket): readonly AskedSince[] {
  return gone.flatMap((thing): readonly AskedSince[] => {
    const lay = loadout?.placements.filter((one) => one.thing === thing.id) ?? [];
    const mass = lay.reduce((sum, one) => sum + placedMass(thing, one), 0);
    if (since.includes(thing.id) || mass === 0) return [];
    return [{ ticket, kind: 'deleted', what: 'thing', id: thing.id, name: thing.name, mass }];
  });
}

function entered(view: RigView, then: RigView, ticket: string, settled: ReadonlySet<string>): readonly AskedSince[] {
  const were = new Set([
    ...then.loadout.placements.map(({ thing }) => thing),
    ...then.loadout.crew.map(({ id }) => id),
  ]);
  const isNew = (id: string): boolean => !were.has(id) && !settled.has(id);
  const asked = { ticket, kind: 'entered' } as const;
  const things = [...new Set(view.loadout.placements.map(({ thing }) => thing))].filter(isNew).flatMap((id) => {
    const thing = view.things.get(id);
    const lies = view.loadout.placements.filter((one) => one.thing === id);
    const mass = thing ? lies.reduce((sum, one) => sum + placedMass(thing, one), 0) : 0;
    return thing ? [{ ...asked, what: 'thing', id, name: thing.name, mass } as const] : [];
  });
  const people = view.loadout.crew
    .filter(({ id }) => isNew(id))
    .map(({ id, name, mass }) => ({ ...asked, what: 'crew', id, name, mass }) as const);
  return [...things, ...people];
}
