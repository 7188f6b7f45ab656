import { describe, expect, it } from 'vitest';
import { emptyWorkspace } from '../document/emptyWorkspace.ts';
import { readParsed } from '../files/readWorkspace.ts';
import { extractRig } from '../files/extractRig.ts';
import { mergeWorkspaces } from '../files/mergeWorkspaces.ts';
import { viewRig } from '../document/viewRig.ts';
import { placedBodies } from '../loading/rigView.ts';
import { exampleWorkspace } from '../testing/examples.ts';
import { assess } from '../verdict/assess.ts';
import { setFacts } from './bodyEdits.ts';
import { setGear } from './gearEdits.ts';
import { placeThing } from './loadoutEdits.ts';
import { addNewRig, type NewRig } from './newRig.ts';
import { putAway, removeRig } from './removeRig.ts';
import { setCamperPosition, setHitch } from './rigEdits.ts';

const counter = () => {
  let n = 0;
  return () => `id-${(n += 1)}`;
};
const tools = () => ({ newId: counter(), word: (message: { key: string }) => message.key });
const plain: NewRig = { name: 'Ours', vehicleName: 'Car', build: 'ute', trailerName: null, country: 'AU' };
const made = (wanted: Partial<NewRig>) => {
  const { workspace, rigId } = addNewRig(emptyWorkspace('w', 'w'), { ...plain, ...wanted }, tools());
  expect(readParsed(workspace)).toMatchObject({ ok: true });
  const view = viewRig(workspace, rigId);
  if (!view) throw new Error('a new rig can be seen');
  return view;
};

describe('a new rig of every kind', () => {
  it.each<[string, Partial<NewRig>, readonly string[]]>([
    ['alone', {}, ['vehicle']],
    ['with a trailer', { trailerName: 'Van' }, ['vehicle', 'trailer']],
    ['with a fifth wheel', { trailerName: 'Fifth', coupling: 'fifthWheel' }, ['vehicle', 'trailer']],
    ['with a camper', { camperName: 'Camper' }, ['vehicle', 'camper']],
    [
      'with a camper and a trailer',
      { camperName: 'Camper', trailerName: 'Box', extension: 0.4 },
      ['vehicle', 'camper', 'trailer'],
    ],
    ['a trailer by itself', { vehicleName: null, trailerName: 'Van' }, ['trailer']],
  ])('%s has its bodies, is undecided and throws nothing', (_title, wanted, kinds) => {
    const view = made(wanted);
    expect(placedBodies(view).map(({ body }) => body.kind)).toEqual(kinds);
    expect(assess(view)).toMatchObject({ legal: null, mark: 'undecided' });
  });

  it('asks for the plate of a fifth wheel instead of a tow bar', () => {
    const forms = made({ trailerName: 'Fifth', coupling: 'fifthWheel', pinOverhang: -0.1 }).vehicle?.plates.map(
      (plate) => plate.form,
    );
    expect(forms).toContain('fifth-wheel');
    expect(forms).not.toContain('tow-bar');
  });

  it('opens a trailer with the paper of its own country, or the plate that all of Europe has', () => {
    const trailer = (country: NewRig['country']) =>
      made({ vehicleName: null, trailerName: 'Van', country }).trailer?.plates[0]?.form;
    expect((['DE', 'IT', 'NL', 'GB', 'AU'] as const).map(trailer)).toEqual([
      'de-trailer-registration',
      'eu-trailer-plate',
      'eu-trailer-plate',
      'uk-caravan-plate',
      'au-trailer-plate',
    ]);
  });

  it('brings the registration paper of its country', () => {
    const first = (country: NewRig['country']) => made({ country }).vehicle?.plates[0]?.form;
    expect(first('FR')).toBe('fr-registration');
    expect(first('IT')).toBe('it-registration');
    expect(first('DE')).toBe('de-registration');
    expect(first('GB')).toBe('uk-vin-plate');
  });

  it('with a tag axle judges drive and tag axle apart', () => {
    const view = made({ build: 'motorhome', wheelbase: 3.8, tagOffset: 0.8 });
    const rules = assess(view)
      .checks.filter((check) => check.status !== 'notApplicable')
      .map((check) => check.quantity);
    expect(rules).toEqual(expect.arrayContaining(['driveAxle', 'tagAxle']));
  });
});

describe('edits of parts and hitches', () => {
  const start = exampleWorkspace('australian-ute-camper-and-boat');

  it('change one axle’s gear, start it fresh, and forget it', () => {
    const gearOf = (document: typeof start) => {
      const [vehicle] = document.bodies;
      return vehicle?.kind === 'vehicle' ? (vehicle.gear ?? []) : [];
    };
    const fresh = { id: 'new', axle: 'rear' as const, wheels: 2 };
    const changed = setGear(start, 'brolga-ute', 'rear', { loadIndex: '121' }, fresh);
    expect(gearOf(changed).map((gear) => [gear.axle, gear.loadIndex])).toEqual([
      ['front', '115'],
      ['rear', '121'],
    ]);
    const forgotten = setGear(changed, 'brolga-ute', 'front', null, fresh);
    expect(gearOf(forgotten).map((gear) => gear.axle)).toEqual(['rear']);
    const again = setGear(forgotten, 'brolga-ute', 'front', { size: 'x' }, { ...fresh, axle: 'front' });
    expect(gearOf(again).at(-1)).toMatchObject({ id: 'new', axle: 'front', wheels: 2, size: 'x' });
    expect(setGear(start, 'wallaroo', 'rear', { size: 'x' }, fresh).bodies).toEqual(start.bodies);
  });

  it('change the hitch and the camper’s place, and take what is unknown away', () => {
    const without = setHitch(start, 'brolga', { extension: undefined });
    expect(without.rigs[0]?.hitch).not.toHaveProperty('extension');
    expect(without.rigs[0]?.hitch).toHaveProperty('ballMount');
    const moved = setCamperPosition(start, 'brolga', undefined);
    expect(moved.rigs[0]?.camper).toEqual({ body: 'wallaroo' });
    expect(readParsed(setFacts(moved, 'spoonbill', { chains: undefined, berths: 4 })).ok).toBe(true);
  });

  it('take a rig away with its camper, and hand one over whole', () => {
    expect(removeRig(start, 'brolga').bodies).toEqual([]);
    const alone = extractRig(mergeWorkspaces(start, exampleWorkspace('british-van-with-scooter')), 'brolga');
    expect(alone?.bodies.map((body) => body.id)).toEqual(['brolga-ute', 'wallaroo', 'spoonbill']);
    expect(readParsed(alone).ok).toBe(true);
  });

  it('keep apart what comes in twice under one name and differs', () => {
    const changed = setCamperPosition(start, 'brolga', 2.3);
    const both = mergeWorkspaces(start, changed);
    expect(both.rigs.map((rig) => rig.camper?.x)).toEqual([2.14, 2.3]);
    expect(readParsed(both).ok).toBe(true);
  });
});

describe('a file with a rig that cannot be', () => {
  const broken = (patch: object) => {
    const document = exampleWorkspace('second-hand-caravan-alone');
    const read = readParsed({ ...document, rigs: [{ ...document.rigs[0], ...patch }] });
    return read.ok
      ? []
      : read.problem.code === 'invalid'
        ? read.problem.faults.map((fault) => fault.code)
        : [read.problem.code];
  };

  it('is refused: nothing at all, or a camper with nothing under it', () => {
    expect(broken({})).toEqual([]);
    expect(broken({ trailer: undefined })).toEqual(['emptyRig']);
    expect(broken({ camper: { body: 'redstart' } })).toEqual(['wrongKind', 'emptyRig']);
    expect(broken({ vehicle: 'redstart' })).toContain('wrongKind');
  });
});

describe('the demo put away', () => {
  it('leaves an own rig with all it carries, and nothing of the demo; brought back, it is whole', () => {
    const demo = (['australian-wagon-and-tandem', 'british-van-with-scooter'] as const)
      .map(exampleWorkspace)
      .reduce(mergeWorkspaces);
    const own = addNewRig(demo, { ...plain, trailerName: 'Van' }, tools());
    const [borrowed] = demo.things;
    const view = viewRig(own.workspace, own.rigId)!;
    const carrying = placeThing(own.workspace, view.loadout.id, borrowed!.id, {
      body: view.vehicle!.id,
      place: view.vehicle!.places[0]!.id,
      count: 1,
    });
    const left = putAway(carrying, demo);
    expect(left.rigs.map(({ id }) => id)).toEqual([own.rigId]);
    expect(left.things.map(({ id }) => id)).toEqual([borrowed!.id]);
    expect(left.bodies).toHaveLength(2);
    expect([left.tickets, left.trips]).toEqual([[], []]);
    expect(readParsed(left)).toMatchObject({ ok: true });
    expect(mergeWorkspaces(left, demo).rigs).toHaveLength(1 + demo.rigs.length);
  });
});
