import { describe, expect, it } from 'vitest';
import { emptyWorkspace } from '../document/emptyWorkspace.ts';
import { addOffer, type KnownOffer } from '../edits/offerEdits.ts';
import type { Trailer, Vehicle } from '../rig/body.ts';
import { walkStops } from '../rig/offer.ts';
import { situationIn } from '../situation/situation.ts';
import { lookedAt } from './lookedAt.ts';

const kg = (value: number) => ({ value, typed: `${value} kg` });
let ids = 0;
const tools = { newId: () => `new${(ids += 1)}`, word: ({ key }: { key: string }) => key };
const here = { ...situationIn('here', 'Here', 'GB'), date: '2026-06-01' };
function offered<Kind extends 'trailer' | 'vehicle'>(known: Omit<KnownOffer, 'name' | 'country'> & { kind: Kind }) {
  const { workspace, bodyId } = addOffer(emptyWorkspace('w', 'w'), { name: 'Gull', country: 'GB', ...known }, tools);
  return workspace.bodies.find(({ id }) => id === bodyId) as Kind extends 'trailer' ? Trailer : Vehicle;
}
const gull = offered({
  kind: 'trailer',
  limits: { trailerMax: kg(1500), trailerAxlesMax: kg(1300) },
  empty: kg(1150),
  basis: 'running-order',
  leftOut: { options: 80 },
});

describe('a walk round', () => {
  it('says what the plate leaves after the empty figure and what it leaves out', () => {
    expect(lookedAt(gull, here)).toMatchObject({ plate: 1500, empty: 1230, left: 270 });
  });

  it('of something of which nothing was read says what is open, and nothing else', () => {
    const sum = lookedAt(offered({ kind: 'trailer', limits: {} }), here);
    expect(sum).toMatchObject({ plate: null, empty: null, left: null, least: null, findings: [], broken: [] });
    expect(sum.open).toEqual(['plate', 'axles', 'empty', 'emptyBall', 'coupling', 'loadIndex', 'tyreAge']);
    expect(sum.notSeen).toEqual(walkStops.trailer);
  });

  it('sets the least its maker must leave against that, options being no payload', () => {
    const long: Trailer = { ...gull, berths: 4, geometry: { ...gull.geometry, bodyLength: 5 } };
    // 10 × (4 + 5) = 90 kg must be left; 270 are.
    const meets = lookedAt(long, here);
    expect(meets.least?.key).toBe('buyer.meets');
    expect(meets.leastNeeds).toEqual([]);
    const left = meets.least?.params?.['left'];
    expect(left).toMatchObject({ value: 270 });
    expect(lookedAt(gull, here).leastNeeds).toEqual(['berths', 'length']);
    expect(lookedAt({ ...gull, emptyMass: { ...gull.emptyMass!, basis: 'dry' } }, here).leastNeeds).toContain(
      'runningOrder',
    );
  });

  it('finds a coupling that cannot bear the plate, and tyres that cannot', () => {
    const weak: Trailer = {
      ...gull,
      plates: [
        ...gull.plates,
        { id: 'head', source: 'couplingHead', figures: [{ limit: 'trailerPartMax', ...kg(1300) }] },
      ],
      gear: [{ id: 'g', axle: 'trailer', wheels: 2, loadIndex: '88', ageCode: '1210' }],
    };
    const codes = lookedAt(weak, here).findings.map(({ code }) => code);
    expect(codes).toContain('partBelowPlate');
    // Index 88 is 560 kg a tyre: 1,120 for an axle plated 1,300.
    expect(codes).toContain('tyresBelowPlate');
    expect(lookedAt(weak, here).open).not.toContain('tyreAge');
  });

  it('keeps apart what is doubtful and what was not seen', () => {
    const sum = lookedAt({ ...gull, seen: { plate: 'sound', welds: 'doubtful' } }, here);
    expect(sum.doubtful).toEqual(['welds']);
    expect(sum.notSeen).not.toContain('plate');
    expect(sum.notSeen).toContain('tyres');
  });

  it('goes round a motorhome by its own stops', () => {
    const van = offered({
      kind: 'vehicle',
      build: 'motorhome',
      limits: { vehicleMax: kg(3500) },
      empty: kg(2900),
      basis: 'running-order',
    });
    const sum = lookedAt(van, here);
    // 3,500 less 2,900; in it stay, until somebody says otherwise, 75 kg are its driver, 10 L its water and 11 kg its gas.
    expect(sum.left).toBeCloseTo(600, 6);
    expect(sum.notSeen).toEqual(walkStops.vehicle);
    expect(sum.leastNeeds).toEqual(['seats', 'length']);
    expect(lookedAt({ ...van, build: 'car' }, here).leastNeeds).toEqual([]);
  });
});
