import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseQuantity } from './parseQuantity.ts';
import { unitTable, type QuantityKind } from './unitTable.ts';

/**
 * What people put into a plate: numbers with every separator, units right and wrong, fractions, arithmetic, nonsense. Each
 * entry comes with its one reading where it has one, worked out from its parts and not by the parser.
 */
interface Entry {
  readonly text: string;
  readonly kind: QuantityKind;
  /** The only right answer; undefined where refusing is right too. */
  readonly want: number | undefined;
}

const kinds = ['mass', 'length', 'volume', 'force'] as const satisfies readonly QuantityKind[];
const kind = fc.constantFrom(...kinds);
const bare: Readonly<Record<(typeof kinds)[number], string>> = { mass: 'kg', length: 'm', volume: 'L', force: 'kN' };
const spaces = fc.constantFrom('', ' ', '  ', '\u00a0');

/** A unit of the kind, as it may be written, with its factor. */
const unitOf = (of: QuantityKind) =>
  fc.constantFrom(
    ...Object.values(unitTable[of]).flatMap((def) => def.names.map((name) => ({ name, factor: def.factor }))),
  );

const plain: fc.Arbitrary<Entry> = kind.chain((of) =>
  fc
    .record({ n: fc.integer({ min: 0, max: 99_999 }), space: spaces, unit: unitOf(of), cased: fc.boolean() })
    .map(({ n, space, unit, cased }) => ({
      text: `${n}${space}${cased ? unit.name.toUpperCase() : unit.name}`,
      kind: of,
      want: n * unit.factor,
    })),
);
const decimal: fc.Arbitrary<Entry> = fc
  .record({
    whole: fc.integer({ min: 0, max: 9999 }),
    rest: fc.constantFrom('5', '25', '75', '1234'),
    mark: fc.constantFrom(',', '.'),
  })
  .map(({ whole, rest, mark }) => ({ text: `${whole}${mark}${rest}`, kind: 'mass', want: Number(`${whole}.${rest}`) }));
const grouped: fc.Arbitrary<Entry> = fc
  .record({
    head: fc.integer({ min: 1, max: 99 }),
    tail: fc.integer({ min: 0, max: 999 }),
    mark: fc.constantFrom(' ', "'", '\u202f'),
  })
  .map(({ head, tail, mark }) => ({
    text: `${head}${mark}${String(tail).padStart(3, '0')}`,
    kind: 'mass',
    want: head * 1000 + tail,
  }));
/** One separator before three digits: a thousand to some, a decimal to others. Nothing may be read. */
const ambiguous: fc.Arbitrary<Entry> = fc
  .record({ head: fc.integer({ min: 1, max: 999 }), tail: fc.integer({ min: 0, max: 999 }) })
  .map(({ head, tail }) => ({ text: `${head},${String(tail).padStart(3, '0')}`, kind: 'mass', want: NaN }));
const fraction: fc.Arbitrary<Entry> = fc
  .record({ whole: fc.integer({ min: 1, max: 99 }), top: fc.integer({ min: 1, max: 7 }) })
  .map(({ whole, top }) => ({ text: `${whole} ${top}/8 in`, kind: 'length', want: (whole + top / 8) * 0.0254 }));
const times: fc.Arbitrary<Entry> = fc
  .record({
    count: fc.integer({ min: 1, max: 20 }),
    each: fc.integer({ min: 1, max: 500 }),
    sign: fc.constantFrom('*', 'x', '×', ' x '),
  })
  .map(({ count, each, sign }) => ({ text: `${count}${sign}${each}`, kind: 'mass', want: count * each }));
const nonsense: fc.Arbitrary<Entry> = fc
  .record({
    text: fc.oneof(
      fc.string({ maxLength: 40 }),
      fc.string({ unit: fc.constantFrom(...'0123456789.,/+-*x() kglbt"\'½٣'), maxLength: 30 }),
    ),
    kind,
  })
  .map((entry) => ({ ...entry, want: undefined }));

describe('a hundred thousand plates', () => {
  it('crash nothing, and none is silently read as another number', () => {
    const entry = fc.oneof(plain, decimal, grouped, ambiguous, fraction, times, nonsense);
    fc.assert(
      fc.property(entry, ({ text, kind: of, want }) => {
        const got = parseQuantity(text, of, bare[of as keyof typeof bare]);
        if (!got.ok) {
          // Only what has no one reading may be refused.
          expect(want === undefined || Number.isNaN(want), `${text} was refused: ${got.problem.code}`).toBe(true);
          return;
        }
        expect(Number.isFinite(got.value), text).toBe(true);
        if (want === undefined) return;
        expect(Math.abs(got.value - want), `${text} was read as ${got.value}`).toBeLessThanOrEqual(
          1e-9 * Math.max(1, Math.abs(want)),
        );
      }),
      { numRuns: 100_000 },
    );
  }, 120_000);
});
