import { placeOf, type FileProblem } from '../document/fileProblem.ts';

/** Our own documents are eight levels deep and have no object of more than some thirty fields. */
const deepest = 40;
const mostFields = 200;
/** Objects on one level; a full document has some hundred thousand. Data from a store may even hold itself. */
const widest = 2_000_000;

/**
 * What makes data dangerous to look at before anybody asks what it says: nesting that ends the stack of whoever follows it,
 * objects of so many fields that a check of each is endless. Looks level by level and never follows itself.
 * @returns null where there is no such thing
 */
export function structureProblem(raw: unknown): FileProblem | null {
  let level: readonly Spot[] = [{ value: raw, path: [] }];
  for (let depth = 0; level.length > 0; depth += 1) {
    if (depth > deepest || level.length > widest) return { code: 'tooDeep' };
    const below: Spot[] = [];
    for (const { value, path } of level) {
      if (typeof value !== 'object' || value === null) continue;
      const list = Array.isArray(value);
      const keys = Object.keys(value);
      if (!list && keys.length > mostFields) return { code: 'tooManyFields', place: placeOf(raw, path) };
      for (const key of keys) {
        const one = (value as Readonly<Record<string, unknown>>)[key];
        if (typeof one === 'object' && one !== null)
          below.push({ value: one, path: [...path, list ? Number(key) : key] });
      }
    }
    level = below;
  }
  return null;
}

/**
 * The same data with nothing in its lists but their entries. A store may hold a list that has fields of its own besides, by which
 * whoever asks it for `map` or `constructor` gets something else; no file can. The same object where there is none.
 */
export function plainLists(raw: unknown): unknown {
  if (typeof raw !== 'object' || raw === null) return raw;
  if (Array.isArray(raw)) {
    const entries = Array.from({ length: raw.length }, (_, at) => plainLists((raw as readonly unknown[])[at]));
    const odd = Object.keys(raw).length !== raw.length;
    return odd || entries.some((one, at) => one !== (raw as readonly unknown[])[at]) ? entries : raw;
  }
  const before = Object.entries(raw);
  const after = before.map(([key, value]): [string, unknown] => [key, plainLists(value)]);
  return after.some(([, value], at) => value !== before[at]?.[1]) ? Object.fromEntries(after) : raw;
}

interface Spot {
  readonly value: unknown;
  readonly path: readonly (string | number)[];
}

/** Whether brackets are nested deeper in a text than in any document of ours; text in quotes does not count. */
export function isTooDeep(text: string): boolean {
  let depth = 0;
  let quoted = false;
  for (let at = 0; at < text.length; at += 1) {
    const code = text.charCodeAt(at);
    if (quoted) {
      if (code === backslash) at += 1;
      else if (code === quote) quoted = false;
    } else if (code === quote) quoted = true;
    else if (code === openBrace || code === openBracket) {
      depth += 1;
      if (depth > deepest) return true;
    } else if (code === closeBrace || code === closeBracket) depth -= 1;
  }
  return false;
}

const [quote, backslash, openBrace, closeBrace, openBracket, closeBracket] = [...'"\\{}[]'].map((one) =>
  one.charCodeAt(0),
);
