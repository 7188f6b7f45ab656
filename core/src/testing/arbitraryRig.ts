import fc from 'fast-check';
import type { CaseRig } from './caseRig.ts';

const mass = fc.integer({ min: 1, max: 4000 }).map((tenths) => tenths / 10);
const at = (from: number, to: number) =>
  fc.integer({ min: Math.round(from * 100), max: Math.round(to * 100) }).map((cm) => cm / 100);
const masses = (from: number, to: number) =>
  fc
    .array(fc.record({ m: mass, x: at(from, to) }), { maxLength: 12 })
    .map((list) => list.map((one, index) => ({ id: `m${index}`, ...one })));

const vehicle = fc.record({
  W: at(2, 4.5),
  h: at(-0.5, 2.4),
  bare: fc.record({ R_front: fc.integer({ min: 500, max: 2000 }), R_rear: fc.integer({ min: 500, max: 2000 }) }),
  masses: masses(-1, 7),
});

const trailer = fc.integer({ min: 300, max: 600 }).chain((centimetres) => {
  const A = centimetres / 100;
  return fc.record({
    A: fc.constant(A),
    axles: fc.integer({ min: 1, max: 3 }),
    bare: fc.record({ m: fc.integer({ min: 300, max: 3000 }), x: at(A * 0.7, A) }),
    masses: masses(0.3, 9),
  });
});

/** Rigs of every shape, sensible or not: statics must hold for all of them. */
export const arbitraryRig = fc.record({ vehicle, trailer }) satisfies fc.Arbitrary<CaseRig>;
