import {
  compile,
  createCoreContext,
  fallbackWithLocaleChain,
  registerLocaleFallbacker,
  registerMessageCompiler,
  registerMessageResolver,
  resolveValue,
  translate as say,
} from '@intlify/core-base';
import type { Region, Speech } from '@wagonomos/core';
import { english } from '@wagonomos/locales';
import { firstLanguage } from '@wagonomos/locales/languages';
import { paperEnglish } from '@wagonomos/locales/paper';
import { speechOf, type Translate } from '@wagonomos/papers/words';

registerMessageCompiler(compile);
registerMessageResolver(resolveValue);
registerLocaleFallbacker(fallbackWithLocaleChain);

const context = createCoreContext({ locale: firstLanguage, messages: { en: { ...english, ...paperEnglish } } });

/** The catalogue's text for a key; `count` chooses the plural. */
export const translate: Translate = (key, named = {}) => {
  const count = named['count'];
  const text = say(context, key, named, typeof count === 'number' ? { plural: count } : {});
  return typeof text === 'string' ? text : key;
};

/** The words of the catalogue for the terminal, masses in kg. */
export const speech = (region: Region): Speech => speechOf(translate, region, 'kg');
