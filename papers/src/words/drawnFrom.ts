import { toldOf, type BasedVerdict } from '@wagonomos/core/weighing';
import type { Translate } from './margin.ts';

/** A slip by its name and day. */
export const slipName = (
  t: Translate,
  { name, date }: { readonly name: string; readonly date?: string | undefined },
): string => t('app.card.slip', { slip: name, day: date ?? '' });

/** A slip older than so many days says its age: things come and go that nobody writes down. */
const oldDays = 60;

/**
 * In words what masses are drawn from: the slips, and what came and went since the newest of them.
 * @param asked whether the list alone was chosen, and not taken because there is no slip
 */
export function drawnFrom(
  t: Translate,
  found: BasedVerdict,
  loadout: string,
  asked: boolean,
  mass: (kg: number) => string,
): string {
  if (found.from === 'slip') return t('app.drawn.slip', { slip: slipName(t, found.ticket) });
  const told = found.from === 'known' ? toldOf(found.assessment.loads) : null;
  if (!told) return t(asked || found.from === 'known' ? 'app.drawn.plan' : 'app.drawn.planOnly', { loadout });
  const since = Math.round(told.since);
  const change = since === 0 ? 'app.drawn.nothingSince' : since > 0 ? 'app.drawn.moreSince' : 'app.drawn.lessSince';
  const slips = told.tickets.map((ticket) => slipName(t, ticket)).join(', ');
  const known = t('app.drawn.known', { slips, since: t(change, { kg: mass(Math.abs(since)) }) });
  return told.days !== null && told.days >= oldDays ? `${known} ${t('app.drawn.age', { days: told.days })}` : known;
}
