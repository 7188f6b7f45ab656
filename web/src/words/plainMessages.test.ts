import { english } from '@wagonomos/locales';
import { describe, expect, it } from 'vitest';
import { createI18n } from 'vue-i18n';
import './plainMessages.ts';

/** Every message by its key. */
const messages = (of: object, at = ''): readonly (readonly [string, string])[] =>
  Object.entries(of).flatMap(([key, value]: [string, unknown]) =>
    typeof value === 'string' ? [[at + key, value] as const] : messages(value as object, `${at}${key}.`),
  );

describe('messages that are nothing but their words', () => {
  const { t } = createI18n({ legacy: false, locale: 'en', messages: { en: { ...english, own: own() } } }).global;
  function own() {
    return {
      plain: 'Ball load – 7 %',
      named: 'Tow {what}',
      many: 'one | many',
      linked: '@:own.plain',
      escaped: "{'@'} home",
    };
  }

  it('are said as they are, and the others are still worked out', () => {
    expect(t('own.plain')).toBe('Ball load – 7 %');
    expect(t('own.named', { what: 'it' })).toBe('Tow it');
    expect([t('own.many', 1), t('own.many', 2)]).toEqual(['one', 'many']);
    expect(t('own.linked')).toBe('Ball load – 7 %');
    expect(t('own.escaped')).toBe('@ home');
  });

  it('are most of the messages there are, to the letter', () => {
    const all = messages(english);
    const plain = all.filter(([, text]) => !/[{}@|\\]/.test(text));
    expect(plain.length).toBeGreaterThan(all.length / 2);
    for (const [key, text] of plain) expect(t(key)).toBe(text);
  });
});
