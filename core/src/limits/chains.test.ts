import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compile } from '../loads/compile.ts';
import type { RigView } from '../loading/rigView.ts';
import type { Plate } from '../rig/plate.ts';
import type { PlateSource } from '../rig/limitNames.ts';
import { caseView, vehicleOf } from '../testing/caseRig.ts';
import { exampleView } from '../testing/examples.ts';
import { chains, type ChainName } from './chains.ts';
import { weakest } from './weakest.ts';

const rated = (id: string, rating: number) => ({ id, rating });

describe('the weakest part', () => {
  it('governs, and a further part never raises what a chain bears', () => {
    const rating = fc.integer({ min: 1, max: 5000 });
    fc.assert(
      fc.property(fc.array(rating, { minLength: 1, maxLength: 8 }), rating, (ratings, more) => {
        const before = weakest(ratings.map((value, index) => rated(`p${index}`, value)));
        const after = weakest([...ratings, more].map((value, index) => rated(`p${index}`, value)));
        expect(after?.rating).toBeLessThanOrEqual(before?.rating ?? 0);
        expect(before?.rating).toBe(Math.min(...ratings));
        const others = ratings.filter((value) => value > Math.min(...ratings));
        expect(before?.gap).toBe(others.length > 0 ? Math.min(...others) - Math.min(...ratings) : null);
      }),
    );
  });

  it('is nothing where there are no parts', () => {
    expect(weakest([])).toBeNull();
  });
});

const base = caseView({
  vehicle: { W: 3, h: 1, bare: { R_front: 1000, R_rear: 900 } },
  trailer: { A: 4, axles: 1, bare: { m: 1000, x: 3.6 } },
});
const plate = (source: PlateSource, ...figures: Plate['figures']): Plate => ({ id: source, source, figures });
const figure = (limit: Plate['figures'][number]['limit'], value: number) => ({ limit, value, typed: `${value}` });
const withPlates = (vehicle: Plate[], trailer: Plate[]): RigView => ({
  ...base,
  vehicle: { ...vehicleOf(base), plates: vehicle },
  trailer: base.trailer && { ...base.trailer, plates: trailer },
});
const chain = (view: RigView, name: ChainName) => chains(compile(view)).find((one) => one.name === name);
const names = (list: readonly { readonly name: { readonly key: string } }[] | undefined) =>
  list?.map((part) => part.name.key.split('.').at(-1));

describe('the chains of a rig', () => {
  it('bring what stands on the axles up to the whole trailer, at today’s share on the coupling', () => {
    // 1,000 kg at 3.6 of 4 m: 100 kg, a tenth, on the coupling. 900 kg on the axles are a whole trailer of 1,000.
    const view = withPlates(
      [],
      [plate('caravanPlate', figure('trailerMax', 1200)), plate('axle', figure('axleGroupMax', 900))],
    );
    const found = chain(view, 'trailer');
    expect(names(found?.parts)).toEqual(['axle', 'caravanPlate']);
    expect(found?.parts[0]?.rating).toBeCloseTo(1000, 9);
    expect(found?.weakest?.gap).toBeCloseTo(200, 9);
    expect(found?.load).toBeCloseTo(1000, 9);
  });

  it('read a D-value as the heaviest trailer it allows behind this vehicle', () => {
    const view = withPlates(
      [
        plate('vehiclePlate', figure('vehicleMax', 2280)),
        plate('handbook', figure('towBraked', 2000)),
        plate('towBar', figure('dValueKn', 9.6)),
      ],
      [],
    );
    const found = chain(view, 'towing');
    expect(names(found?.weakest?.governing)).toEqual(['towBar']);
    expect(found?.weakest?.rating).toBeCloseTo(1714.446847, 5);
  });

  it('leave an unconfirmed part out of the reckoning and show it all the same', () => {
    const doubtful = {
      ...figure('ballMax', 50),
      conditions: [{ kind: 'variant' as const, text: 'X', met: 'unknown' as const }],
    };
    const view = withPlates([plate('handbook', doubtful), plate('towBar', figure('ballMax', 75))], []);
    const found = chain(view, 'ball');
    expect(found?.parts.map((part) => [part.rating, part.unconfirmed])).toEqual([
      [50, true],
      [75, false],
    ]);
    expect(names(found?.weakest?.governing)).toEqual(['towBar']);
  });

  it('choose between two ratings of a receiver by whether the bars are on', () => {
    const rating = (value: number, kind: 'withDistribution' | 'withoutDistribution') => ({
      ...figure('ballMax', value),
      conditions: [{ kind, met: 'unknown' as const }],
    });
    const view = withPlates(
      [plate('receiver', rating(250, 'withoutDistribution'), rating(350, 'withDistribution'))],
      [],
    );
    expect(chain(view, 'ball')?.weakest?.rating).toBe(250);
    const on = (distributionAllowed?: 'yes' | 'no' | 'unknown') => {
      const distribution = { kind: 'fraction' as const, fraction: 1 };
      return { ...view, rig: { ...view.rig, hitch: { distribution, distributionAllowed } } };
    };
    expect(chain(on('yes'), 'ball')?.weakest?.rating).toBe(350);
    // Nobody has asked the makers, or they say no: the higher rating decides nothing.
    for (const answer of [undefined, 'unknown', 'no'] as const) {
      expect(chain(on(answer), 'ball')?.weakest?.rating).toBe(250);
    }
  });

  it('name the part that governs in the examples', () => {
    const found = (name: Parameters<typeof exampleView>[0], which: ChainName) =>
      names(chain(exampleView(name), which)?.weakest?.governing);
    expect(found('second-hand-caravan-alone', 'trailer')).toEqual(['couplingHead']);
    expect(found('australian-ute-camper-and-boat', 'ball')).toEqual(['extension']);
    expect(found('pick-up-with-fifth-wheel', 'towing')).toEqual(['handbook']);
  });
});
