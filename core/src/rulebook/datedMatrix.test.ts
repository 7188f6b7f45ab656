import { describe, expect, it, vi } from 'vitest';
import type { RuleFacts } from '../checks/ruleFacts.ts';
import type * as laws from '../jurisdictions/laws.ts';
import type * as listed from '../rules/allRules.ts';
import type { PlainLayer, RuleId } from '../rules/ruleId.ts';
import { checkOf, matrix, type Line } from '../testing/ruleMatrix.ts';

/** Every fact of every place, as if it began on one day and ended on another. */
const { from, until } = vi.hoisted(() => ({ from: '2030-01-01', until: '2032-01-01' }));

vi.mock('../jurisdictions/laws.ts', async (original) => {
  const { allLaws } = await original<typeof laws>();
  const dated = (layer: PlainLayer) =>
    Object.fromEntries(
      Object.entries(layer).map(([id, facts]) => [id, facts && { ...(facts as RuleFacts), from, until }]),
    );
  const dating = allLaws.map((law) => ({
    ...law,
    rules: law.rules.map(dated),
    states: law.states && Object.fromEntries(Object.entries(law.states).map(([state, layer]) => [state, dated(layer)])),
  }));
  return { allLaws: dating, lawOf: (country: string) => dating.find(({ place }) => place === country) };
});

vi.mock('../rules/allRules.ts', async (original) => {
  const { allRules } = await original<typeof listed>();
  return {
    allRules: allRules.map((rule) => ({
      ...rule,
      ...('places' in rule && rule.places
        ? {
            places: Object.fromEntries(
              Object.entries(rule.places).map(([place, facts]) => [place, { ...facts, from, until }]),
            ),
          }
        : {}),
    })),
  };
});

describe.each(Object.entries(matrix) as [RuleId, Line][])('%s', (rule, line) => {
  const asked = (date: string): boolean => {
    const { passing } = line;
    return checkOf(rule, line, { ...passing, situation: { ...passing.situation, date } }) !== undefined;
  };

  it('is not asked before the day it begins, and is from that day on', () => {
    expect(asked('2029-12-31')).toBe(false);
    expect(asked(from)).toBe(true);
  });

  it('is asked to the last day, and no longer from the day it ends', () => {
    expect(asked('2031-12-31')).toBe(true);
    expect(asked(until)).toBe(false);
  });
});
