import fc from 'fast-check';
import { exampleNames, exampleWorkspace } from './examples.ts';

/** Values nobody would type and anybody may put into a file. */
const junk: fc.Arbitrary<unknown> = fc.oneof(
  fc.constantFrom<unknown>(
    null,
    true,
    '',
    ' ',
    0,
    -0,
    5e-324,
    1e-9,
    0.0005,
    0.001,
    -1,
    1e5,
    1e9,
    Number.MAX_VALUE,
    Number.MIN_SAFE_INTEGER,
    'constructor',
    '__proto__',
    '<img src=x onerror=alert(1)>',
    '\u202e\u001b[31m',
    '\uD800',
    '\uFFFD',
    [],
    {},
    [[]],
    '2026-02-30',
  ),
  fc.double({ noNaN: true, noDefaultInfinity: true }),
  fc.double({ min: 0, max: 10, noNaN: true }),
  fc.string({ unit: 'binary', maxLength: 100 }),
  fc.jsonValue({ maxDepth: 2 }),
);

/** Numbers that are near what a figure may be: within the bounds, and at them. */
const figure = fc.oneof(
  fc.constantFrom(0, 0.001, 0.01, 0.1, 1, 30, 100, 1000, 5000, 99_999, 100_000),
  fc.double({ min: 0, max: 10, noNaN: true }),
  fc.double({ min: 1, max: 100_000, noNaN: true }),
);

type Holder = Record<string, unknown> | unknown[];
interface Spot {
  readonly holder: Holder;
  readonly key: string;
}

/** Every place of a document at which something stands. */
function spots(value: unknown, found: Spot[] = []): Spot[] {
  if (typeof value !== 'object' || value === null) return found;
  for (const key of Object.keys(value)) {
    found.push({ holder: value as Holder, key });
    spots((value as Record<string, unknown>)[key], found);
  }
  return found;
}

const read = ({ holder, key }: Spot): unknown => (holder as Record<string, unknown>)[key];
const write = ({ holder, key }: Spot, value: unknown): void => {
  Object.defineProperty(holder, key, { value, writable: true, enumerable: true, configurable: true });
};

// Doubles are drawn by their bits and would nearly all be next to 0.
const somewhere = fc.noBias(fc.nat({ max: 999_999 })).map((n) => n / 1_000_000);
const otherFigure = figure.map((value) => ({ kind: 'figure' as const, value }));

/** One blow to a document: where, as a share of all its places, and what happens there. */
const blow = fc.record({
  at: somewhere,
  how: fc.oneof(
    { arbitrary: junk.map((value) => ({ kind: 'put' as const, value })), weight: 3 },
    { arbitrary: otherFigure, weight: 3 },
    { arbitrary: fc.constant({ kind: 'drop' as const }), weight: 2 },
    { arbitrary: fc.constant({ kind: 'double' as const }), weight: 1 },
    { arbitrary: fc.string({ maxLength: 12 }).map((key) => ({ kind: 'add' as const, key })), weight: 1 },
  ),
});

/** Some of any kind; or other figures only, which leave more of a document to be judged. */
const blows = fc.oneof(
  fc.array(blow, { minLength: 1, maxLength: 5 }),
  fc.array(fc.record({ at: somewhere, how: otherFigure }), { minLength: 1, maxLength: 8 }),
);

/** The raw data of an example after a few blows: sometimes still a document, often none. */
export const mutatedDocument: fc.Arbitrary<unknown> = fc
  .record({ name: fc.constantFrom(...exampleNames), blows })
  .map(({ name, blows }) => {
    const raw: unknown = structuredClone(exampleWorkspace(name));
    for (const { at, how } of blows) {
      const all = spots(raw);
      const list = how.kind === 'figure' ? all.filter((one) => typeof read(one) === 'number') : all;
      const spot = list[Math.floor(at * list.length)];
      if (!spot) continue;
      if (how.kind === 'put' || how.kind === 'figure') write(spot, how.value);
      else if (how.kind === 'add') write(spot, { ...(read(spot) as object), [how.key]: 1 });
      else if (how.kind === 'double' && Array.isArray(spot.holder)) spot.holder.push(read(spot));
      else if (Array.isArray(spot.holder)) spot.holder.splice(Number(spot.key), 1);
      else delete spot.holder[spot.key];
    }
    return raw;
  });

/** How many documents a fuzz test goes through: some in every test, very many when asked for. */
export const fuzzRuns = (usual: number): number => Number(process.env['FUZZ_RUNS'] ?? usual);

/** So many documents take their time: what hangs is ended, and nothing is judged by the clock. */
export const fuzzTime = { timeout: 4 * 3_600_000 };
