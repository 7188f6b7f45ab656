import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseQuantity } from './parseQuantity.ts';
import { unitTable, type QuantityKind } from './unitTable.ts';

const value = (text: string, kind: QuantityKind, unit: string) => {
  const parsed = parseQuantity(text, kind, unit);
  return parsed.ok ? parsed.value : parsed.problem.code;
};

describe('what people type for a quantity', () => {
  it.each([
    ['1750', 'mass', 'kg', 1750],
    ['1750', 'mass', 'lb', 793.786648],
    ['185 lb', 'mass', 'kg', 83.914588],
    ['4.5t', 'mass', 'kg', 4500],
    ['12 st 4', 'mass', 'kg', 78.017888],
    ['6 lb 8 oz', 'mass', 'kg', 2.94835],
    ['2*12.5', 'mass', 'kg', 25],
    ['2x12.5', 'mass', 'kg', 25],
    ['2 x 3 kg', 'mass', 'kg', 6],
    ['2350*9%', 'mass', 'kg', 211.5],
    ['9 % x 2500 kg', 'mass', 'kg', 225],
    ['(1180 + 20) * 50 %', 'mass', 'kg', 600],
    ['9%', 'mass', 'kg', 'notOneDimension'],
    ['2350 + 9%', 'mass', 'kg', 'notOneDimension'],
    ['2 xy', 'mass', 'kg', 'unknownUnit'],
    ['2 × 12,5 kg', 'mass', 'kg', 25],
    ['(3 + 4) * 2', 'mass', 'kg', 14],
    ['80 kg - 500 g', 'mass', 'kg', 79.5],
    ['-3', 'length', 'm', -3],
    ['6 ft 2', 'length', 'm', 1.8796],
    ['5\' 10 1/2"', 'length', 'm', 1.7907],
    ['3 1/2 in', 'length', 'm', 0.0889],
    ['1/2 in', 'length', 'm', 0.0127],
    ['3/4', 'length', 'm', 0.75],
    ['2850 mm', 'length', 'm', 2.85],
    ['12 gal us', 'volume', 'L', 45.424941],
    ['10 uk gal', 'volume', 'L', 45.4609],
    ['36 psi', 'pressure', 'kPa', 248.211263],
    ['60 %', 'percent', '%', 60],
    ['1 750', 'mass', 'kg', 1750],
    ['1,234,567 g', 'mass', 'kg', 1234.567],
    ['1,234.5', 'mass', 'kg', 1234.5],
    ['1.234,5', 'mass', 'kg', 1234.5],
    ['0,750', 'mass', 'kg', 0.75],
    ['3,5', 'mass', 'kg', 3.5],
    ['12,50', 'mass', 'kg', 12.5],
  ] as const)('%s as %s in %s is %s', (text, kind, unit, want) => {
    const got = value(text, kind, unit);
    if (typeof want === 'number') expect(got).toBeCloseTo(want, 5);
    else expect(got).toBe(want);
  });

  it.each([
    ['', 'mass', 'empty'],
    ['1,750', 'mass', 'ambiguousNumber'],
    ['1.2.3', 'mass', 'badNumber'],
    ['1,23,456', 'mass', 'badNumber'],
    ['5 gal', 'volume', 'ambiguousUnit'],
    ['2 tons', 'mass', 'ambiguousUnit'],
    ['5 furlong', 'mass', 'unknownUnit'],
    ['5 lb', 'length', 'unknownUnit'],
    ['10 kg + 5', 'mass', 'mixedUnits'],
    ['2 kg * 3 kg', 'mass', 'notOneDimension'],
    ['6 / (2 kg)', 'mass', 'notOneDimension'],
    ['4 / 0', 'mass', 'dividesByZero'],
    ['(3 + 4', 'mass', 'unfinished'],
    ['3 +', 'mass', 'unfinished'],
    ['2 in 6 ft', 'length', 'unexpected'],
    ['12 34', 'mass', 'unexpected'],
    ['5 kg 3', 'mass', 'unexpected'],
    ['3 @ 4', 'mass', 'badCharacter'],
    ['9'.repeat(81), 'mass', 'unexpected'],
    [`${'9'.repeat(60)}*${'9'.repeat(19)}`, 'mass', 1e60 * 1e19],
  ] as const)('%s as %s is questioned: %s', (text, kind, want) => {
    expect(value(text, kind, kind === 'length' ? 'm' : kind === 'volume' ? 'L' : 'kg')).toBe(want);
  });

  it('asks about a point that may group thousands only where papers write them so', () => {
    expect(value('1.750', 'mass', 'kg')).toBe(1.75);
    const asked = parseQuantity('1.750', 'mass', 'kg', { pointMayGroup: true });
    expect(asked).toEqual({
      ok: false,
      problem: { code: 'ambiguousNumber', text: '1.750', readings: ['1750', '1.75'] },
    });
  });

  it('keeps what was typed and the unit it was typed in', () => {
    expect(parseQuantity(' 6173 lb ', 'mass', 'kg')).toMatchObject({ typed: '6173 lb', unit: 'lb' });
    expect(parseQuantity('20', 'mass', 'lb')).toMatchObject({ typed: '20', unit: 'lb' });
  });

  it('reads back every number it could have written, in every unit of its kind', () => {
    const cases = Object.entries(unitTable).flatMap(([kind, units]) =>
      Object.entries(units).flatMap(([unit, def]) =>
        def.names.map((name) => ({ kind, unit, name, factor: def.factor })),
      ),
    );
    fc.assert(
      fc.property(fc.constantFrom(...cases), fc.integer({ min: 0, max: 99_999 }), (one, tenths) => {
        const text = `${tenths / 10} ${one.name}`;
        const got = parseQuantity(
          text,
          one.kind as QuantityKind,
          Object.keys(unitTable[one.kind as QuantityKind])[0] ?? '',
        );
        expect(got.ok && got.value).toBeCloseTo((tenths / 10) * one.factor, 6);
      }),
    );
  });

  it('never throws and never returns a number that is not finite', () => {
    const piece = fc.constantFrom(
      '1',
      '12',
      '.',
      ',',
      ' ',
      'kg',
      'lb',
      'ft',
      '/',
      '*',
      '+',
      '-',
      '(',
      ')',
      "'",
      '½',
      '\u00a0',
    );
    const text = fc.oneof(
      fc.string({ unit: 'binary', maxLength: 90 }),
      fc.array(piece, { maxLength: 24 }).map((all) => all.join('')),
    );
    fc.assert(
      fc.property(text, fc.constantFrom<QuantityKind>('mass', 'length', 'volume'), (typed, kind) => {
        const got = parseQuantity(typed, kind, Object.keys(unitTable[kind])[0] ?? '');
        if (got.ok) expect(Number.isFinite(got.value)).toBe(true);
        else expect(got.problem.code).not.toBe('');
      }),
      { numRuns: 2000 },
    );
  });
});
