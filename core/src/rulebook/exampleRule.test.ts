import { readFileSync } from 'node:fs';
import { describe, expect, it, vi } from 'vitest';
import type * as listed from '../rules/allRules.ts';
import { assess } from '../verdict/assess.ts';
import type { Country } from '../situation/countries.ts';
import { made } from '../testing/matrixRigs.ts';
import { ruleList } from './ruleList.ts';

vi.mock('../rules/allRules.ts', async (original) => {
  const { allRules } = await original<typeof listed>();
  const { invented } = await import('../testing/exampleRule.ts');
  return { allRules: [...allRules, invented] };
});

const guide = readFileSync(new URL('../../../CONTRIBUTING.md', import.meta.url), 'utf8');
const block = (language: string): string =>
  guide.match(new RegExp(`\`\`\`${language}\\n([\\s\\S]*?)\`\`\``))?.[1] ?? '';

const rig = (country: Country, trailerMax: number | undefined, date = '2031-06-01') =>
  assess(
    made({
      country,
      limits: { vehicleMax: 2000, ...(trailerMax === undefined ? {} : { trailerMax }) },
      situation: { date },
    }),
  );
const found = (...of: Parameters<typeof rig>) => rig(...of).checks.find(({ rule }) => rule === 'tow.invented');

describe('the worked example of a new rule, as the guide has it', () => {
  it('is the file, word for word', () => {
    const file = readFileSync(new URL('../testing/exampleRule.ts', import.meta.url), 'utf8');
    expect(block('ts')).toBe(file.replaceAll("from '../rules/", "from './"));
  });

  it('is judged where it is law, from the day it begins, and nowhere else', () => {
    // 0.8 of 2,000.
    expect(found('CH', 1600)).toMatchObject({ status: 'within', demand: 1600, limit: 1600, margin: 0 });
    expect(found('CH', 1601)).toMatchObject({ status: 'over', margin: -1, kind: 'legal' });
    expect(found('CH', 1601, '2030-12-31')).toBeUndefined();
    expect(found('DE', 1601)).toBeUndefined();
  });

  it('says what is missing instead of guessing', () => {
    const check = found('CH', undefined);
    expect(check?.status).toBe('unknown');
    expect(check?.missing.map(({ code }) => code)).toEqual(['limit']);
  });

  it('stands in the list of rules with its figures, and needs no words but those the guide gives it', () => {
    const { loads, checks } = rig('CH', 1601);
    const entry = ruleList(loads, checks).find(({ rule }) => rule === 'tow.invented');
    expect(entry?.figures).toEqual([
      {
        key: 'ruleFigure.share',
        params: { value: { kind: 'amount', unit: 'percent', value: 80, rounding: 'nearest' } },
      },
    ]);
    const words = JSON.parse(block('json')) as Readonly<Record<string, Readonly<Record<string, unknown>>>>;
    const has = (key: string): boolean =>
      typeof key
        .split('.')
        .reduce<unknown>((node, part) => (node as Record<string, unknown> | undefined)?.[part], words) === 'string';
    for (const key of ['rule.tow.invented', 'over.tow.invented', 'todo.tow.invented', 'source.inventedLaw'])
      expect(has(key), key).toBe(true);
    expect(has(entry?.checks[0]?.name.key ?? '')).toBe(true);
  });
});
