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
import { displayMass, type Amount, type Region, type Speech } from '@wagonomos/core';
import { english, lexiconKey } from '@wagonomos/locales';

registerMessageCompiler(compile);
registerMessageResolver(resolveValue);
registerLocaleFallbacker(fallbackWithLocaleChain);

const context = createCoreContext({ locale: 'en', messages: { en: english } });

const number = (value: number, digits: number): string =>
  new Intl.NumberFormat('en-GB', { maximumFractionDigits: digits }).format(value);

/** The words of the catalogue for the terminal, kg throughout. */
export function speech(region: Region): Speech {
  const say = (key: string, named: Readonly<Record<string, string | number>>): string => {
    const count = named['count'];
    const text = translate(context, key, named, typeof count === 'number' ? { plural: count } : {});
    return typeof text === 'string' ? text : key;
  };
  return { translate: say, amount: written, term: (name) => say(lexiconKey(name, region), {}) };
}

function written(amount: Amount): string {
  if (amount.unit === 'kg') return `${number(displayMass(amount.value, 'kg', amount.rounding), 0)} kg`;
  return amount.unit === 'percent' ? `${number(amount.value, 1)} %` : `${number(amount.value, 2)} ${amount.unit}`;
}
