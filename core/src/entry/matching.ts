/** Something with a name, and the name of what it belongs to. */
export interface Named {
  readonly name: string;
  readonly body?: string;
}

const wordsOf = (text: string): readonly string[] =>
  text
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .split(/[^\p{L}\d]+/u)
    .filter((word) => word !== '');

/**
 * The ones a shortened name may mean: every word of it begins a word of the name (or of what it belongs to). An exact name
 * beats a whole-word match, that beats a beginning; only the best kind is returned, so more than one means it is open.
 */
export function bestMatches<T extends Named>(text: string, list: readonly T[]): readonly T[] {
  const asked = wordsOf(text);
  if (asked.length === 0) return [];
  let best = 0;
  let found: T[] = [];
  for (const one of list) {
    const value = closeness(asked, one);
    if (value === 0 || value < best) continue;
    if (value > best) found = [];
    best = value;
    found.push(one);
  }
  return found;
}

function closeness(asked: readonly string[], { name, body }: Named): number {
  const own = wordsOf(name);
  if (own.join(' ') === asked.join(' ')) return 3;
  const all = [...own, ...wordsOf(body ?? '')];
  if (!asked.every((word) => all.some((other) => other.startsWith(word)))) return 0;
  // Words of the body alone name no place of it.
  if (!asked.some((word) => own.some((other) => other.startsWith(word)))) return 0;
  return asked.every((word) => all.includes(word)) ? 2 : 1;
}

/** Names whose next word could be the one begun at the end of a line, for completion: the whole line, finished. */
export function completions(line: string, names: readonly string[], most = 8): readonly string[] {
  const begun = line.split(' ');
  const found = new Set<string>();
  for (let from = Math.max(0, begun.length - 4); from < begun.length; from += 1) {
    const tail = begun.slice(from).join(' ').toLowerCase();
    if (tail.trim() === '') continue;
    for (const name of names) {
      const head = begun.slice(0, from).join(' ');
      if (name.toLowerCase().startsWith(tail) && name.toLowerCase() !== tail) found.add(`${head} ${name}`.trim());
    }
  }
  return [...found].slice(0, most);
}
