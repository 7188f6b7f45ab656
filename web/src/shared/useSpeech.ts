import {
  displayMass,
  message,
  plainText,
  term,
  type Amount,
  type MassUnit,
  type Message,
  type Region,
  type Speech,
} from '@wagonomos/core';
import { lexiconKey } from '@wagonomos/locales';
import { computed, type ComputedRef } from 'vue';
import { useI18n } from 'vue-i18n';
import { useOpenRig } from '../stores/openRig.ts';
import { useSettings } from '../stores/settings.ts';

const formats = new Map<number, Intl.NumberFormat>();

/** A number with its thousands set apart and at most so many decimals. */
export function written(value: number, digits: number): string {
  const format = formats.get(digits) ?? new Intl.NumberFormat('en-GB', { maximumFractionDigits: digits });
  formats.set(digits, format);
  return format.format(value).replace('-', '−');
}

function amountText(amount: Amount, unit: MassUnit): string {
  if (amount.unit === 'kg') return `${written(displayMass(amount.value, unit, amount.rounding), 0)} ${unit}`;
  if (amount.unit === 'percent') return `${written(amount.value, 1)} %`;
  return `${written(amount.value, amount.unit === 'Nm' || amount.unit === 'kPa' ? 0 : 2)} ${amount.unit}`;
}

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
  const translate: Speech['translate'] = (key, named) => {
    const count = named['count'];
    return typeof count === 'number' ? t(key, named, count) : t(key, named);
  };
  const speech = computed<Speech>(() => {
    const region = words?.() ?? rig.words;
    const unit = settings.massUnit;
    return {
      translate,
      amount: (amount) => amountText(amount, unit),
      term: (name) => t(lexiconKey(name, region)),
    };
  });
  const say = (one: Message) => plainText(one, speech.value);
  return {
    speech,
    say,
    word: (key, named = {}) => translate(key, named),
    limitWord: (name) => say(message('step.quantity', { quantity: term(name) })),
  };
}
