import { displayMass, type MassUnit } from '@wagonomos/core';
import type { PlacePreview } from '@wagonomos/core/limits';
import { written } from '@wagonomos/papers/words';

/** What would be left in a place: the number, and whether it would break something. Short enough for a small box. */
export interface Left {
  readonly text: string;
  readonly state: 'fits' | 'staysOver' | 'breaks' | 'barred';
}

export function leftAt(
  { left, breaks, barred }: PlacePreview,
  unit: MassUnit,
  t: (key: 'app.hand.no' | 'app.verdict.unknown' | 'app.hand.short', params?: { left: string }) => string,
): Left {
  if (barred) return { text: t('app.hand.no'), state: 'barred' };
  if (left === null) return { text: t('app.verdict.unknown'), state: 'fits' };
  const amount = written(Math.abs(displayMass(left, unit, 'margin')), 0);
  if (left >= 0) return { text: amount, state: 'fits' };
  return { text: t('app.hand.short', { left: amount }), state: breaks ? 'breaks' : 'staysOver' };
}
