import { describe, expect, it } from 'vitest';
import { photosIn } from '../document/photosIn.ts';
import { viewRig } from '../document/viewRig.ts';
import { emptyWorkspace } from '../document/emptyWorkspace.ts';
import { readParsed } from '../files/readWorkspace.ts';
import { exampleWorkspace } from '../testing/examples.ts';
import { assess } from '../verdict/assess.ts';
import { setFacts } from './bodyEdits.ts';
import { knownLimit, setKnownLimit } from './knownFigures.ts';
import {
  addOffer,
  removeOffer,
  setBuild,
  setLeftOut,
  setLook,
  setOffer,
  setSeatCount,
  takeOffer,
} from './offerEdits.ts';
import { putAway, removeRig } from './removeRig.ts';

const kg = (value: number) => ({ value, typed: `${value} kg` });
let ids = 0;
const tools = { newId: () => `new${(ids += 1)}`, word: ({ key }: { key: string }) => key };
const german = exampleWorkspace('german-estate-and-caravan');
const rig = german.rigs[0]!;
const gull = {
  kind: 'trailer' as const,
  name: 'Gull',
  country: 'GB' as const,
  limits: { trailerMax: kg(1500), ballMax: kg(100) },
  empty: kg(1150),
  basis: 'running-order' as const,
  leftOut: { battery: 22 },
  price: { amount: 9500, currency: 'GBP' },
};
const { workspace: offered, bodyId } = addOffer(german, gull, tools);
const bodyOf = (workspace: typeof german) => workspace.bodies.find(({ id }) => id === bodyId);

describe('what is looked at', () => {
  it('is a body as every other that can be read back, and stands in no rig', () => {
    expect(readParsed(JSON.parse(JSON.stringify(offered)))).toMatchObject({ ok: true });
    expect(offered.rigs).toEqual(german.rigs);
    expect(bodyOf(offered)).toMatchObject({
      name: 'Gull',
      offer: { price: { amount: 9500, currency: 'GBP' } },
      emptyMass: { total: 1150, basis: 'running-order' },
      fitted: [{ on: { mass: 22 }, inEmptyMass: 'no' }],
    });
    expect(knownLimit(bodyOf(offered)!, 'ballMax')?.value).toBe(100);
  });

  it('outlives a rig that is taken away, and goes with the demo it came in', () => {
    expect(bodyOf(removeRig(offered, rig.id))?.name).toBe('Gull');
    expect(bodyOf(putAway(offered, german))?.name).toBe('Gull');
    expect(putAway(german, german).bodies).toEqual([]);
  });

  it('is thrown away alone; what is one’s own is not', () => {
    expect(removeOffer(offered, bodyId)).toEqual(german);
    expect(removeOffer(offered, rig.vehicle!)).toBe(offered);
  });

  it('is bought: it stands behind the car then, as any trailer', () => {
    const taken = takeOffer(offered, bodyId, { country: 'GB', behind: viewRig(german, rig.id)!.vehicle }, tools)!;
    const view = viewRig(taken.workspace, taken.rigId)!;
    expect([view.vehicle?.id, view.trailer?.name, view.trailer?.offer]).toEqual([rig.vehicle, 'Gull', undefined]);
    const { checks } = assess(view);
    // 1,500 less 1,150 and the battery.
    expect(checks.find(({ id }) => id === 'trailer.max')?.margin).toBeCloseTo(328, 6);
    expect(readParsed(JSON.parse(JSON.stringify(taken.workspace)))).toMatchObject({ ok: true });
    expect(takeOffer(taken.workspace, bodyId, { country: 'GB' }, tools)).toBeNull();
  });

  it('changes its figures where they stand, and loses them', () => {
    const dearer = setOffer(offered, bodyId, { price: undefined });
    expect(bodyOf(dearer)?.offer).toEqual({});
    const heavier = setLeftOut(setLeftOut(offered, bodyId, 'battery', 30, tools), bodyId, 'gas', 20, tools);
    expect(bodyOf(heavier)?.fitted.map(({ on }) => on?.mass)).toEqual([30, 20]);
    expect(bodyOf(setLeftOut(heavier, bodyId, 'battery', undefined, tools))?.fitted).toHaveLength(1);
    const lower = setKnownLimit(offered, bodyId, 'trailerMax', kg(1400), tools);
    expect(
      bodyOf(lower)
        ?.plates.flatMap(({ figures }) => figures.map(({ value }) => value))
        .sort(),
    ).toEqual([100, 1400]);
    expect(knownLimit(bodyOf(setKnownLimit(lower, bodyId, 'trailerMax', null, tools))!, 'trailerMax')).toBeUndefined();
  });

  it('writes a limit no plate at hand has a field for onto a plate of its own', () => {
    const bare = { ...emptyWorkspace('w', 'w'), bodies: [{ ...bodyOf(offered)!, plates: [] }] };
    const next = setKnownLimit(bare, bodyId, 'ballMax', kg(75), tools);
    expect(next.bodies[0]?.plates).toMatchObject([
      { source: 'couplingHead', figures: [{ limit: 'ballMax', value: 75 }] },
    ]);
    expect(setKnownLimit(bare, 'nobody', 'ballMax', kg(75), tools)).toBe(bare);
  });

  it('keeps notes and pictures of a walk round it, and they go along', () => {
    const hash = 'a'.repeat(64);
    const noted = setLook(offered, bodyId, 'tyres', { note: 'Cracks' });
    const pictured = setLook(noted, bodyId, 'tyres', { photos: [hash] });
    expect(bodyOf(pictured)?.looks).toEqual([{ id: 'tyres', note: 'Cracks', photos: [hash] }]);
    expect(photosIn(pictured)).toContain(hash);
    const seen = setFacts(pictured, bodyId, { seen: { tyres: 'doubtful' } });
    expect(readParsed(JSON.parse(JSON.stringify(seen)))).toMatchObject({ ok: true });
    expect(bodyOf(setLook(pictured, bodyId, 'tyres', { note: undefined }))?.looks).toEqual([
      { id: 'tyres', photos: [hash] },
    ]);
  });

  it('says of one part what it bears without touching what another does', () => {
    const chassis = {
      id: 'frame',
      source: 'chassis' as const,
      figures: [{ limit: 'trailerPartMax' as const, ...kg(1700) }],
    };
    const framed = { ...offered, bodies: [{ ...bodyOf(offered)!, plates: [...bodyOf(offered)!.plates, chassis] }] };
    const coupled = setKnownLimit(framed, bodyId, 'trailerPartMax', kg(1400), tools, 'couplingHead');
    const borne = (source: 'couplingHead' | 'chassis') => knownLimit(bodyOf(coupled)!, 'trailerPartMax', source)?.value;
    expect([borne('couplingHead'), borne('chassis')]).toEqual([1400, 1700]);
    const wiped = setKnownLimit(coupled, bodyId, 'trailerPartMax', null, tools, 'couplingHead');
    expect(knownLimit(bodyOf(wiped)!, 'trailerPartMax')?.value).toBe(1700);
  });

  it('of a vehicle has as many seats as are counted, and is built as it is', () => {
    const van = addOffer(german, { kind: 'vehicle', name: 'Wren', country: 'GB', limits: {} }, tools);
    const seats = (workspace: typeof german) =>
      workspace.bodies.flatMap((one) => (one.id === van.bodyId && one.kind === 'vehicle' ? one.seats : [])).length;
    const five = setSeatCount(van.workspace, van.bodyId, 5, tools);
    expect([seats(van.workspace), seats(five), seats(setSeatCount(five, van.bodyId, 2, tools))]).toEqual([0, 5, 2]);
    const lived = setBuild(five, van.bodyId, 'motorhome');
    expect(lived.bodies.find(({ id }) => id === van.bodyId)).toMatchObject({ build: 'motorhome' });
    expect(setBuild(german, rig.vehicle!, 'van')).toBe(german);
    expect(setSeatCount(german, rig.vehicle!, 1, tools)).toBe(german);
  });
});
