import { plainText, type Message, type Region, type Speech } from '@wagonomos/core';
import { quantityWord, speechOf } from '@wagonomos/papers/words';
import { computed, type ComputedRef } from 'vue';
import { useI18n } from 'vue-i18n';
import { useOpenRig } from '../stores/openRig.ts';
import { useSettings } from '../stores/settings.ts';

/**
 * The words of the region in hand and the unit the owner chose.
 * @param words another region than that of the rig in hand
 */
export function useSpeech(words?: () => Region): {
  readonly speech: ComputedRef<Speech>;
  readonly say: (message: Message) => string;
  readonly word: (key: string, named?: Record<string, string | number>) => string;
  readonly limitWord: (name: string) => string;
} {
  const { t } = useI18n();
  const rig = useOpenRig();
  const settings = useSettings();
  const translate = (key: string, named: Readonly<Record<string, string | number>> = {}) => {
    const count = named['count'];
    return typeof count === 'number' ? t(key, named, count) : t(key, named);
  };
  const speech = computed<Speech>(() => speechOf(translate, words?.() ?? rig.words, settings.massUnit));
  const say = (one: Message) => plainText(one, speech.value);
  return {
    speech,
    say,
    word: translate,
    limitWord: (name) => quantityWord(speech.value, name),
  };
}
