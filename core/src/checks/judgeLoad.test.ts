import { describe, expect, it } from 'vitest';
import type { Value } from '../loads/loads.ts';
import { made } from '../testing/matrixRigs.ts';
import { compile } from '../loads/compile.ts';
import { nothing } from '../statics/row.ts';
import { givenLimit, judgeLeast, judgeMost } from './judgeLoad.ts';

const loads = compile(made({}));
const load = (value: number, more: Partial<Extract<Value, { kind: 'known' }>> = {}): Value => ({
  kind: 'known',
  value,
  sigma: 5,
  row: { vehicle: nothing, trailer: nothing },
  ...more,
});
const most = (value: Value) => judgeMost(loads, value, givenLimit(1000)).status;
const least = (margin: Value) => judgeLeast(loads, load(50), 25, margin).status;

describe('a load that rests on readings that cannot all be right', () => {
  const doubted = { contradicted: true } as const;
  it('passes nothing, and what is too heavy stays too heavy', () => {
    expect([most(load(900)), most(load(900, doubted))]).toEqual(['within', 'unknown']);
    expect([most(load(1100)), most(load(1100, doubted))]).toEqual(['over', 'over']);
    expect([least(load(40)), least(load(40, doubted))]).toEqual(['within', 'unknown']);
    expect([least(load(-20)), least(load(-20, doubted))]).toEqual(['over', 'over']);
  });

  it('is over by every candidate or not at all', () => {
    const ways = (...values: readonly number[]) => ({ otherwise: { values, open: 'contradiction' as const } });
    expect(most(load(1100, ways(1200)))).toBe('over');
    expect(most(load(1100, ways(900)))).toBe('unknown');
    expect(most(load(900, ways(950)))).toBe('within');
  });
});
