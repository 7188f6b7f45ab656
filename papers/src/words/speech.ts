import { message, plainText, term, type MassUnit, type Message, type Region, type Speech } from '@wagonomos/core';
import { lexiconKey } from '@wagonomos/locales';
import type { Translate } from './margin.ts';
import { amountText } from './written.ts';

/** The words of a region and a unit, from whichever engine reads the catalogue. */
export const speechOf = (translate: Translate, region: Region, unit: MassUnit): Speech => ({
  translate,
  amount: (amount) => amountText(amount, unit),
  term: (name) => translate(lexiconKey(name, region)),
});

/** A limit by the name people of the region know it by. */
export const limitWord = (speech: Speech, name: string): string =>
  plainText(message('check.limit', { limit: term(name) }), speech);

/** A load by that name. */
export const quantityWord = (speech: Speech, name: string): string =>
  plainText(message('step.quantity', { quantity: term(name) }), speech);

/** A message as a plain line. */
export const saidBy =
  (speech: Speech) =>
  (one: Message): string =>
    plainText(one, speech);
