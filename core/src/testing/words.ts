import { readFileSync } from 'node:fs';

interface Words {
  readonly form: Readonly<Record<string, { readonly name: string; readonly where: string }>>;
}

/** The catalogue, to see that what core names has words. Read as a file: core does not depend on it. */
export const english = JSON.parse(
  readFileSync(new URL('../../../locales/en/core.json', import.meta.url), 'utf8'),
) as Words;
