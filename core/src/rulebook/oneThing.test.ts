import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { allRules } from '../rules/allRules.ts';

const root = new URL('../../../', import.meta.url);
/** Where a rule is written down, and where a place says what it knows of it. */
const itsPlaces = /^core\/src\/(rules|jurisdictions|testing)\//;

const sources = ['core/src', 'web/src', 'cli/src', 'server/src'].flatMap((dir) =>
  readdirSync(new URL(dir, root), { recursive: true, encoding: 'utf8' })
    .filter((name) => /\.(ts|vue)$/.test(name) && !/\.(test|bench)\.ts$/.test(name))
    .map((name) => `${dir}/${name}`),
);

describe('one rule is one thing', () => {
  it('and nothing but its file and the tables of places names it', () => {
    expect(sources.length).toBeGreaterThan(300);
    const named = sources
      .filter((file) => !itsPlaces.test(file))
      .flatMap((file) => {
        const text = readFileSync(new URL(file, root), 'utf8');
        return allRules.filter(({ id }) => text.includes(`'${id}'`)).map(({ id }) => `${file}: ${id}`);
      });
    expect(named).toEqual([]);
  });

  it('listed once, under a name of its own', () => {
    const ids = allRules.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
  });
});
