import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compile } from '../loads/compile.ts';
import { speedMissing, speedRule } from '../rulebook/speeds.ts';
import { runRulebook } from '../rulebook/runRulebook.ts';
import { nearThresholds } from '../rulebook/thresholds.ts';
import { made } from '../testing/matrixRigs.ts';
import type { Plate } from './plate.ts';
import { platedLimit } from './plated.ts';
import { registered } from './registered.ts';

type Stated = readonly [
  value: number,
  source: Plate['source'],
  more?: { stands?: Plate['figures'][number]['stands']; date?: string },
];

/** A German motor caravan by itself, with these figures for its permitted total. */
const stated = (...figures: readonly Stated[]) =>
  made({
    country: 'DE',
    alone: true,
    situation: { licence: { issuer: 'DE', classes: ['B'] }, date: '2026-12-01' },
    vehicle: {
      build: 'motorhome',
      plates: figures.map(([value, source, { stands, date } = {}], at) => ({
        id: `p${at}`,
        source,
        ...(date ? { date } : {}),
        figures: [{ limit: 'vehicleMax', value, typed: `${value} kg`, ...(stands ? { stands } : {}) }],
      })),
    },
  });
const found = (view: ReturnType<typeof stated>) => registered(view, 'vehicleMax', view.vehicle);
const licence = (view: ReturnType<typeof stated>) =>
  runRulebook(compile(view)).find(({ rule }) => rule === 'people.licence');

describe('which figure counts', () => {
  it('for law is the registered one, and for loads the lowest that holds', () => {
    // Registered at 4,100; the base vehicle's plate says 3,500, which a driver with B may not lean on.
    const view = stated([3500, 'vehiclePlate', { stands: 'baseStage' }], [4100, 'registration']);
    expect(found(view)).toMatchObject({ least: 4100, most: 4100, missing: [] });
    expect(platedLimit(view, 'vehicleMax', [view.vehicle]).value).toBe(3500);
    expect(licence(view)?.status).toBe('over');
    // 100 km/h up to 3,500 kg, 80 above it.
    expect(speedRule(compile(view), { country: 'DE' })?.as).toBe('heavy');
  });

  it('is not known where two are stated that nobody has told apart, and it matters', () => {
    const view = stated([3500, 'vehiclePlate'], [4100, 'certificate']);
    expect(found(view)).toMatchObject({ least: 3500, most: 4100, among: [3500, 4100] });
    const check = licence(view);
    expect(check).toMatchObject({ status: 'unknown', missing: [{ code: 'registered', limit: 'vehicleMax' }] });
    expect(speedRule(compile(view), { country: 'DE' })).toBeNull();
    expect(speedMissing(compile(view), { country: 'DE' })).toMatchObject({ code: 'registered' });
    expect(nearThresholds(compile(view)).some(({ facts }) => facts.of === 'vehicleMax')).toBe(false);
  });

  it('needs no answer where it does not matter: both are on one side of what is asked', () => {
    const view = stated([3000, 'vehiclePlate'], [3300, 'certificate']);
    expect(licence(view)?.status).toBe('within');
    expect(speedRule(compile(view), { country: 'DE' })?.as).toBe('car');
  });

  it('is the newest of several papers with a day each', () => {
    const view = stated([3500, 'registration', { date: '2020-03-01' }], [3850, 'registration', { date: '2025-03-01' }]);
    expect(found(view).among).toEqual([3850]);
  });

  it('is never one that was replaced, nor does a load keep it', () => {
    const view = stated([3300, 'certificate', { stands: 'superseded' }], [3500, 'vehiclePlate']);
    expect(found(view).among).toEqual([3500]);
    expect(platedLimit(view, 'vehicleMax', [view.vehicle]).value).toBe(3500);
  });

  it('is not what it is built for', () => {
    const view = stated([4250, 'vehiclePlate', { stands: 'technical' }], [3500, 'other', { stands: 'registered' }]);
    expect(found(view).among).toEqual([3500]);
    expect(licence(view)?.status).toBe('within');
  });

  it('is missing where only the plate of the base vehicle is known', () => {
    const view = stated([3300, 'vehiclePlate', { stands: 'baseStage' }]);
    expect(found(view)).toMatchObject({ among: [], missing: [{ code: 'registered' }] });
    expect(licence(view)).toMatchObject({ status: 'unknown', missing: [{ code: 'registered' }] });
  });

  it('lies between its bounds whatever is stated, and is one of the figures', () => {
    const figure = fc.tuple(
      fc.integer({ min: 1000, max: 7500 }),
      fc.constantFrom<Plate['source']>('vehiclePlate', 'registration', 'certificate'),
      fc.record({ stands: fc.constantFrom('registered', 'technical', 'baseStage', 'superseded', undefined) }),
    );
    fc.assert(
      fc.property(fc.array(figure, { minLength: 1, maxLength: 5 }), (figures) => {
        const { least, most, among } = found(stated(...figures));
        for (const value of among) {
          expect(figures.some(([one]) => one === value)).toBe(true);
          expect(least <= value && value <= most).toBe(true);
        }
        if (figures.some(([, , { stands }]) => stands === 'registered')) expect(among.length).toBeGreaterThan(0);
      }),
    );
  });
});
