import type { Consequence } from '@wagonomos/core/uprating';
import { useI18n } from 'vue-i18n';
import { useSpeech } from '../../words/useSpeech.ts';

/** A consequence in words: what is not known well is never said as if it were law, and says whom to ask. */
export function useConsequenceWords() {
  const { t } = useI18n();
  const { say } = useSpeech();
  const text = ({ says, confidence }: Consequence): string =>
    confidence === 'low' ? t('app.uprate.perhaps', { text: say(says) }) : say(says);
  const sure = ({ source, confidence, ask }: Consequence): string =>
    t('app.source.line', {
      source: t(`source.${source}`),
      sure: confidence === 'low' ? t('app.verdict.low', { whom: t(`ask.${ask}`) }) : t(`app.confidence.${confidence}`),
    });
  return { text, sure };
}
