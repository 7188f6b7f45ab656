import { describe, expect, it } from 'vitest';
import type { RigView } from '../loading/rigView.ts';
import { countries } from '../situation/countries.ts';
import { australianStates } from '../situation/situation.ts';
import { checkLine, shortLine } from '../testing/flat.ts';
import { checkOf, matrix, type Line } from '../testing/ruleMatrix.ts';
import { hasWord } from '../testing/words.ts';
import { factsIn } from '../jurisdictions/inForce.ts';
import { whenMessages } from '../jurisdictions/whenMessages.ts';
import { allLaws } from '../jurisdictions/laws.ts';
import type { RuleId } from '../rules/ruleId.ts';

describe.each(Object.entries(matrix) as [RuleId, Line][])('%s', (rule, line) => {
  const status = (view: RigView) => checkOf(rule, line, view)?.status;

  it('passes, fails, and is unknown without what it needs', () => {
    expect(['within', 'tight']).toContain(status(line.passing));
    expect(status(line.failing)).toBe('over');
    const bare = checkOf(rule, line, line.missing);
    expect(bare?.status ?? 'unasked').toBe(line.unasked ? 'unasked' : 'unknown');
    if (!line.unasked) expect(bare?.missing.length, 'says what is missing').toBeGreaterThan(0);
  });

  it.skipIf(line.threshold === 'none')('holds at its threshold and not past it', () => {
    if (line.threshold === 'none') return;
    expect(['within', 'tight', 'notApplicable']).toContain(status(line.threshold.at));
    expect(status(line.threshold.past)).toBe('over');
  });

  it('carries its source, its confidence, its review and who knows, with words for each', () => {
    const check = checkOf(rule, line, line.failing);
    expect(check).toBeDefined();
    if (!check) return;
    const { source } = check;
    expect(['high', 'medium', 'low']).toContain(source.confidence);
    expect(source.compiled).toMatch(/^\d{4}-\d{2}-\d{2}$/);
    expect(source.checkAgainBy > source.compiled).toBe(true);
    for (const key of [
      `source.${source.source}`,
      `ask.${source.ask}`,
      `rule.${rule}`,
      `over.${rule}`,
      `todo.${rule}`,
    ]) {
      expect(hasWord(key), key).toBe(true);
    }
    for (const missing of checkOf(rule, line, line.missing)?.missing ?? []) {
      const key = missing.code === 'limit' ? `where.${missing.limit}` : `where.${missing.code}`;
      expect(hasWord(key), key).toBe(true);
      expect(hasWord(`missing.${missing.code}`), missing.code).toBe(true);
    }
  });
});

it('every rule says what it was last read over to say, a line a rule', () => {
  const rows = (Object.entries(matrix) as [RuleId, Line][]).map(([rule, line]) => {
    const short = (view: RigView) => {
      const check = checkOf(rule, line, view);
      return check ? shortLine(check) : 'not asked';
    };
    const failing = checkOf(rule, line, line.failing);
    const edges = line.threshold === 'none' ? [] : [short(line.threshold.at), short(line.threshold.past)];
    return [short(line.passing), short(line.missing), ...edges, failing ? checkLine(failing) : 'not asked'].join(' | ');
  });
  expect(rows.join('\n')).toMatchSnapshot();
});

describe('the facts of every place', () => {
  const places = [
    ...countries.map((country) => ({ country })),
    ...australianStates.map((state) => ({ country: 'AU' as const, state })),
  ];

  it('have a line in the matrix, words and a confidence', () => {
    for (const place of places) {
      for (const [rule, facts] of Object.entries(factsIn(place))) {
        expect(Object.keys(matrix), rule).toContain(rule);
        expect(hasWord(`source.${facts.source}`), facts.source).toBe(true);
        expect(hasWord(`ask.${facts.ask}`), facts.ask).toBe(true);
        expect(['high', 'medium', 'low'], rule).toContain(facts.confidence);
      }
    }
  });

  it('have words for every mark, every piece of information and every sanction', () => {
    for (const { thresholds, notes, speeds, sanctions } of allLaws) {
      for (const { id } of thresholds) expect(hasWord(`threshold.${id}`), id).toBe(true);
      for (const { id, when } of notes) {
        expect(hasWord(`info.${id}`), id).toBe(true);
        for (const { key } of whenMessages(when)) expect(hasWord(key), key).toBe(true);
      }
      for (const { beyond } of sanctions) if (beyond) expect(hasWord(`sanction.${beyond.says}`)).toBe(true);
      for (const { source } of [...thresholds, ...notes, ...sanctions, ...(speeds?.rows ?? [])])
        expect(hasWord(`source.${source}`), source).toBe(true);
    }
  });
});
