/** Where one begins: behind the # of an address, or by itself. */
const start = /(?:^|#|\s)([rR](\d{1,3})\.)/;
/** Lines a link may have been broken into. */
const mostPieces = 400;
/** What may stand around an address in a letter and is none of it: brackets, quotes, the end of a sentence. */
const around = /[<>()[\]"'“”‘’«»,;:!?]/g;

/**
 * The links that a text may hold, likeliest first, from their kind on: as it stands; and as it was before a mail program broke it over
 * lines, quoted it, or a sentence ended with it.
 */
export function* linksIn(given: string): Generator<string> {
  const from = start.exec(given);
  if (!from) return;
  const text = given.slice(from.index + from[0].length - (from[1]?.length ?? 0));
  // "=" ends a line that a mail program broke, ">" begins one that it quotes.
  const pieces = text
    .replace(/=\r?\n/g, '\n')
    .split(/\s+(?:>+\s*)*/)
    .map((piece) => piece.replace(around, ''))
    .filter((piece) => piece !== '')
    .slice(0, mostPieces);
  // Whole first: most are one piece, or nothing but a link in pieces. Then piece by piece, with words behind it left out.
  const whole = pieces.join('');
  const tried = new Set<string>();
  // The first kind has no checksum to tell a guess by.
  const guesses = from[2] === '1' ? pieces.slice(0, 1) : pieces;
  for (const link of [whole, ...guesses.map((_, n) => pieces.slice(0, n + 1).join(''))]) {
    for (const one of [link, link.replace(/\.+$/, '')]) {
      if (tried.has(one) || one === '') continue;
      tried.add(one);
      yield one;
    }
  }
}
