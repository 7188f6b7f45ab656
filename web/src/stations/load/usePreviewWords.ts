import { displayMass } from '@wagonomos/core';
import type { PlacePreview } from '@wagonomos/core/limits';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../../words/useSpeech.ts';
import { leastWord, written } from '@wagonomos/papers/words';
import { useSettings } from '../../stores/settings.ts';

/** Says what would be left if the thing in the hand were put down in a place, and which limit would bind. */
export function usePreviewWords(): (preview: PlacePreview) => string {
  const { t } = useI18n();
  const { say } = useSpeech();
  const settings = useSettings();
  return ({ left, binding, barred }) => {
    if (barred) return t('app.hand.barred');
    if (!binding || left === null) return t('app.hand.unknown');
    const amount = written(Math.abs(displayMass(left, settings.massUnit, 'margin')), 0);
    const named = { left: amount, unit: settings.massUnit, limit: say(binding.name) };
    return t(`app.hand.${left < 0 ? 'over' : 'left'}${leastWord(binding)}`, named);
  };
}
