/**
 * Text that does nothing but stand there: control characters, which move the cursor or change the colours of a terminal, and
 * marks that turn the direction of writing, as they are written in JSON. Line ends and tabs stay.
 */
export const printable = (text: string): string =>
  text.replaceAll(/[\p{Cc}\u061c\u200e\u200f\u2028\u2029\u202a-\u202e\u2066-\u2069]/gu, (one) =>
    one === '\n' || one === '\t' ? one : `\\u${one.charCodeAt(0).toString(16).padStart(4, '0')}`,
  );
