import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compile } from '../loads/compile.ts';
import type { RunningGear } from '../rig/runningGear.ts';
import { exampleView } from '../testing/examples.ts';
import { leastPressure } from './tyreCapacity.ts';
import { tyrePressure } from './tyrePressure.ts';

const rig = exampleView('german-estate-and-caravan');
const trailer = rig.trailer!;
const on = compile(rig).values.trailerAxles;
const load = on.kind === 'known' ? on.value : NaN;
const judged = (gear: Partial<RunningGear>) => {
  const body = { ...trailer, gear: [{ id: 'g', axle: 'trailer' as const, wheels: 2, ...gear }] };
  return tyrePressure(compile({ ...rig, trailer: body }), body, 'trailer');
};

describe('the least pressure', () => {
  it('is none above the capacity: no pressure carries that', () => {
    expect(leastPressure(1010, 1000, 450)).toBeNull();
    expect(leastPressure(1000, 1000, 450)).toBe(450);
    // (1/2)^1.25 = 0.42045
    expect(leastPressure(500, 1000, 450)).toBeCloseTo(189.2, 1);
    expect(leastPressure(500, 1000, 450, 200)).toBe(200);
  });

  it('never rises above the pressure on the wall', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 5000, noNaN: true }),
        fc.double({ min: 1, max: 5000, noNaN: true }),
        (m, most) => {
          const found = leastPressure(m, most, 450);
          if (found === null) expect(m).toBeGreaterThan(most);
          else expect(found).toBeLessThanOrEqual(450 + 1e-3);
        },
      ),
    );
  });
});

describe('the pressure of tyres under their load', () => {
  it('is that of the maker where there is a table, which goes before the wall', () => {
    const pressureTable = [
      { load: 1000, pressureKpa: 250 },
      { load: 1600, pressureKpa: 320 },
    ];
    const gear = { loadIndex: '105', ratedPressureKpa: 450, pressureTable };
    expect(judged({ ...gear, pressureKpa: 300 })).toEqual({ from: 'table', kPa: 320, load, low: true });
    expect(judged(gear)).toMatchObject({ from: 'table', low: null });
  });

  it('looks too low by the wall, and asks no more than the wall says', () => {
    // Index 105 is 925 kg; two of them carry 1,850.
    const least = 450 * (load / 1850) ** 1.25;
    expect(judged({ loadIndex: '105', ratedPressureKpa: 450, pressureKpa: 100 })).toMatchObject({
      from: 'wall',
      low: true,
    });
    const found = judged({ loadIndex: '105', ratedPressureKpa: 450, pressureKpa: 449 });
    expect(found).toMatchObject({ from: 'wall', low: false });
    expect('kPa' in found && found.kPa).toBeCloseTo(least, 6);
  });

  it('is none for what the tyres do not carry', () => {
    expect(judged({ loadIndex: '60', ratedPressureKpa: 450 })).toEqual({ from: 'overloaded', load, capacity: 500 });
  });

  it('is not known without an index, without the pressure on the wall, or without the load', () => {
    expect(judged({ ratedPressureKpa: 450 })).toEqual({ from: 'unknown' });
    expect(judged({ loadIndex: '105' })).toEqual({ from: 'unknown' });
    const bare = { ...trailer, emptyMass: undefined };
    expect(tyrePressure(compile({ ...rig, trailer: bare }), bare, 'trailer')).toEqual({ from: 'unknown' });
  });
});
