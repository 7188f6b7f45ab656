import type { BasedVerdict } from '@wagonomos/core/weighing';
import type { Translate } from './margin.ts';

/** A slip by its name and day. */
export const slipName = (
  t: Translate,
  { name, date }: { readonly name: string; readonly date?: string | undefined },
): string => t('app.card.slip', { slip: name, day: date ?? '' });

/**
 * In words what masses are drawn from, corrections with it.
 * @param asked whether the plan was chosen, and not taken because the slips do not settle enough
 */
export function drawnFrom(t: Translate, found: BasedVerdict, loadout: string, slips: number, asked: boolean): string {
  if (found.from === 'slip') return t('app.drawn.slip', { slip: slipName(t, found.ticket) });
  if (found.from === 'plan') {
    const without = slips > 0 ? 'app.drawn.notEnough' : 'app.drawn.planOnly';
    return t(asked ? 'app.drawn.plan' : without, { loadout });
  }
  const counted = found.corrections.filter((one) => one.counted);
  const names = [...new Set(counted.map(({ ticket }) => slipName(t, ticket)))];
  return names.length > 0
    ? t('app.drawn.corrected', { loadout, slips: names.join(', ') })
    : t('app.drawn.nothingToCorrect', { loadout });
}
