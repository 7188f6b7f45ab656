import { differenceInCalendarDays, parseISO } from 'date-fns';
import { quantityNames } from '../statics/rigRows.ts';
import type { Ticket } from '../loading/ticket.ts';
import type { Loads } from '../loads/loads.ts';
import { isState } from './stateLoads.ts';

/** By what a rig is known, for a sentence: its slips, the newest first, and what came and went since the newest of them. */
export interface Told {
  readonly tickets: readonly Ticket[];
  /** kg on board more than then; negative: less. */
  readonly since: number;
  /** How many days ago the newest of them was; null: its day or the day asked for is not said. */
  readonly days: number | null;
}

/** null: no slip has a part in any load. */
export function toldOf(loads: Loads): Told | null {
  if (!isState(loads)) return null;
  const used = new Set(quantityNames.flatMap((name) => [...(loads.known[name]?.slips ?? [])]));
  const slips = loads.slips.filter((_, at) => used.has(at));
  const [newest] = slips;
  if (!newest) return null;
  const kg = newest.changes.reduce((sum, { before, now }) => sum + (now?.mass ?? 0) - (before?.mass ?? 0), 0);
  const [day, today] = [newest.kept.ticket.date, loads.view.situation.date];
  const days = day && today ? differenceInCalendarDays(parseISO(today), parseISO(day)) : null;
  return { tickets: slips.map(({ kept }) => kept.ticket), since: kg, days };
}
