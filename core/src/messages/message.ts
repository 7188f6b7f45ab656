/** A quantity in a sentence: SI value, how to round it, and whose arithmetic it opens. */
export interface Amount {
  readonly kind: 'amount';
  readonly unit: 'kg' | 'm' | 'L' | 'percent' | 'kN' | 'Nm' | 'kPa' | 'kgm';
  readonly value: number;
  readonly rounding: 'load' | 'margin' | 'nearest';
  /** A check or a quantity whose arithmetic stands behind the number. */
  readonly opens?: string;
}

/** A word of the trade, spoken in the words of the region: `ballLoad` is "tow ball mass" or "nose weight". */
export interface Term {
  readonly kind: 'term';
  readonly term: string;
}

/** What may stand in a message: an owner's own word, an amount, a term, or a whole message. */
export type Param = string | number | Amount | Term | Message;

/** What core says: a key of the catalogue and what goes into it. The sentence itself lives in the locale files. */
export interface Message {
  readonly key: string;
  readonly params?: Readonly<Record<string, Param>>;
}

/** A message by its key in the catalogue, with what stands in its gaps. */
export const message = (key: string, params?: Readonly<Record<string, Param>>): Message =>
  params ? { key, params } : { key };

/** A word of the lexicon: which one people see depends on the region. */
export const term = (name: string): Term => ({ kind: 'term', term: name });

/** A mass as it stands in a message; `rounding` says which way it is rounded when shown. */
export const kilograms = (value: number, rounding: Amount['rounding'], opens?: string): Amount => ({
  kind: 'amount',
  unit: 'kg',
  value,
  rounding,
  ...(opens === undefined ? {} : { opens }),
});

/** A share, 0 to 1, as people say it: in per cent. */
export const percent = (share: number): Amount => ({
  kind: 'amount',
  unit: 'percent',
  value: 100 * share,
  rounding: 'nearest',
});

/** An owner's own name for a thing or a place, to be shown as it was typed. */
export const verbatim = (text: string): Message => ({ key: 'verbatim', params: { text } });
