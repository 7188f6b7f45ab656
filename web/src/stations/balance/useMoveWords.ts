import type { LoadMove } from '@wagonomos/core/limits';
import { useI18n } from 'vue-i18n';
import { written } from '@wagonomos/papers/words';

/** What a move says, in words. */
export function useMoveWords() {
  const { t } = useI18n();
  const says = ({ kind, name, from, to, fraction, count }: LoadMove): string => {
    const what = count === undefined ? name : t('app.balance.move.some', { count, name });
    if (kind === 'tank') return t('app.balance.move.tank', { name, share: written(100 * (fraction ?? 0), 0) });
    if (kind === 'turn') return t('app.balance.move.turn', { name, place: from });
    if (kind === 'seat') return t('app.balance.move.seat', { name, from, to: to?.name ?? '' });
    return to
      ? t('app.balance.move.to', { name: what, from, to: to.name })
      : t('app.balance.move.home', { name: what, from });
  };
  return { says };
}
