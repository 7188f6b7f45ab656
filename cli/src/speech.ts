import {
  compile,
  createCoreContext,
  fallbackWithLocaleChain,
  registerLocaleFallbacker,
  registerMessageCompiler,
  registerMessageResolver,
  resolveValue,
  translate,
} from '@intlify/core-base';
import type { MassUnit, Region, Speech } from '@wagonomos/core';
import { english } from '@wagonomos/locales';
import { paperEnglish } from '@wagonomos/locales/paper';
import { speechOf } from '@wagonomos/papers/words';

registerMessageCompiler(compile);
registerMessageResolver(resolveValue);
registerLocaleFallbacker(fallbackWithLocaleChain);

const context = createCoreContext({ locale: 'en', messages: { en: { ...english, ...paperEnglish } } });

/** The words of the catalogue for the terminal, masses in kg where nothing else is asked for. */
export function speech(region: Region, unit: MassUnit = 'kg'): Speech {
  const say = (key: string, named: Readonly<Record<string, string | number>> = {}): string => {
    const count = named['count'];
    const text = translate(context, key, named, typeof count === 'number' ? { plural: count } : {});
    return typeof text === 'string' ? text : key;
  };
  return speechOf(say, region, unit);
}
