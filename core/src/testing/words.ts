import { readFileSync } from 'node:fs';

interface Words {
  readonly form: Readonly<Record<string, { readonly name: string; readonly where: string }>>;
}

/** The catalogue, to see that what core names has words. Read as a file: core does not depend on it. */
export const english = JSON.parse(
  readFileSync(new URL('../../../locales/en/core.json', import.meta.url), 'utf8'),
) as Words;

/** The words of the trade by region, likewise. */
export const lexicon = JSON.parse(
  readFileSync(new URL('../../../locales/en/lexicon.json', import.meta.url), 'utf8'),
) as Readonly<Record<string, Readonly<Record<string, string>>>>;

/** Whether the catalogue has a sentence for a key. */
export function hasWord(key: string): boolean {
  const found = key
    .split('.')
    .reduce<unknown>((node, part) => (node as Record<string, unknown> | undefined)?.[part], english);
  return typeof found === 'string' && found !== '';
}
