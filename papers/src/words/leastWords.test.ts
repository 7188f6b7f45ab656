import { describe, expect, it } from 'vitest';
import { assess, viewRig } from '@wagonomos/core';
import { exampleFile } from '../testing/asked.ts';
import app from '../../../locales/en/app.json' with { type: 'json' };
import core from '../../../locales/en/core.json' with { type: 'json' };
import { leastWord, marginText } from './margin.ts';

interface Catalogue {
  readonly [key: string]: string | Catalogue;
}

const lines = (catalogue: Catalogue, under = ''): readonly (readonly [string, string])[] =>
  Object.entries(catalogue).flatMap(([key, text]) =>
    typeof text === 'string' ? [[`${under}${key}`, text] as const] : lines(text, `${under}${key}.`),
  );
const every = new Map([...lines(core), ...lines({ app })]);

const checks = ['british-van-with-scooter', 'german-estate-and-caravan', 'australian-wagon-and-tandem'].flatMap(
  (name) => {
    const workspace = exampleFile(name);
    return workspace.rigs.flatMap(({ id }) => {
      const view = viewRig(workspace, id);
      return view ? assess(view).checks : [];
    });
  },
);

/** Words that are true of a most alone. */
const ofAMost = /too much|too heavy|\bover\b|is full|exceeded|must go/;
/** What stands for any limit, of either sense. */
const anyLimit = /\{(limit|check)\}/;
/** Said of mosts alone: what must leave, and the two that know their sense otherwise. */
const ofMostsOnly = /^(leave\.|over\.|verdict\.\w+Least$|app\.pair\.trailers\.over$)/;

describe('sentences of a limit and an amount', () => {
  it('have words of their own for a least, wherever the limit may be one', () => {
    const without = [...every]
      .filter(([key, text]) => anyLimit.test(text) && ofAMost.test(text) && !ofMostsOnly.test(key))
      .filter(
        ([key]) => !every.has(`${key}Least`) && !(key.includes('.max.') && every.has(key.replace('.max.', '.min.'))),
      )
      .map(([key]) => key);
    expect(without).toEqual([]);
  });

  it('say of a least that it is fallen short of, and never that it is too much, full or over', () => {
    const leasts = [...every].filter(([key]) => key.endsWith('Least') && every.has(key.slice(0, -'Least'.length)));
    expect(leasts.length).toBeGreaterThan(12);
    for (const [key, text] of leasts)
      expect(text.replace('Within every limit, and full', ''), key).not.toMatch(/too much|too heavy|\bover\b|is full/);
  });

  it('of a rule of a least say how much is missing', () => {
    const rules = new Set(
      checks.flatMap(({ rule, sense }) => (sense === 'min' && rule !== 'ball.share' ? [rule] : [])),
    );
    expect(rules.size).toBeGreaterThan(2);
    for (const rule of rules) expect(every.get(`over.${rule}`), rule).not.toMatch(/too much|too heavy|past its/);
  });

  it('choose by the sense of the limit, of several by the least only where all are', () => {
    const [most, least] = [{ sense: 'max' as const }, { sense: 'min' as const }];
    expect([leastWord(most), leastWord(least), leastWord(least, least), leastWord(least, most), leastWord()]).toEqual([
      '',
      'Least',
      'Least',
      '',
      '',
    ]);
    const t = (key: string) => key;
    for (const check of checks) {
      if (check.sense !== 'min' || check.margin === null) continue;
      expect(marginText(t, check, 'kg')).not.toMatch(/app\.margin\.(left|over)$/);
    }
  });
});
