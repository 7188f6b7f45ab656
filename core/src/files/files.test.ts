import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { exampleNames, exampleWorkspace } from '../testing/examples.ts';
import { assess } from '../verdict/assess.ts';
import { viewRig } from '../document/viewRig.ts';
import { faultInFieldMessage, faultMessage, fileProblemMessages } from '../document/fileProblemMessages.ts';
import { workspaceJsonSchema } from '../document/jsonSchema.ts';
import { mergeWorkspaces } from './mergeWorkspaces.ts';
import { readParsed, readWorkspace } from './readWorkspace.ts';
import { emptyWorkspace } from '../document/emptyWorkspace.ts';
import type { Workspace } from '../document/workspace.ts';
import { extractRig } from './extractRig.ts';
import { writeWorkspace } from './writeWorkspace.ts';

const german = () => exampleWorkspace('german-estate-and-caravan');
const problem = (text: string) => {
  const read = readWorkspace(text);
  return read.ok ? null : read.problem;
};
/** The example's text after something was done to its raw data. */
const spoiled = (change: (raw: Workspace) => void): string => {
  const raw = structuredClone(german());
  change(raw);
  return JSON.stringify(raw);
};

describe('a file that cannot be used is refused with its reason', () => {
  it.each([
    ['an empty file', '', { code: 'empty' }],
    ['white space', ' \n\t', { code: 'empty' }],
    ['a picture renamed', '\uFFFDPNG\r\n\u001a\n\0\0\0\rIHDR', { code: 'notText' }],
    ['broken JSON', '{\n  "format": "wagonomos",\n  "version": }', { code: 'notJson', line: 3, column: 14 }],
    ['a file cut short', '{"format": "wagonomos"', { code: 'notJson', line: 1, column: 23 }],
    ['somebody else’s JSON', '{"hello": 1}', { code: 'foreign' }],
    ['a bare number', '3', { code: 'foreign' }],
    ['no version', '{"format": "wagonomos"}', { code: 'badVersion' }],
    ['version 999', '{"format": "wagonomos", "version": 999}', { code: 'newer', version: 999, ours: 18 }],
    ['half a version', '{"format": "wagonomos", "version": 1.5}', { code: 'badVersion' }],
  ])('%s', (_title, text, want) => {
    expect(problem(text)).toEqual(want);
  });

  it.each<[string, (raw: Workspace) => void, string, string]>([
    ['a negative mass', (raw) => (raw.things[0]!.mass = -3), 'tooSmall', 'things › Travel cot › mass'],
    ['1 MB of text in a name', (raw) => (raw.things[0]!.name = 'x'.repeat(1_000_000)), 'tooLong', 'things › 1 › name'],
    ['text for a mass', (raw) => (raw.things[0]!.mass = '3' as never), 'wrongType', 'things › Travel cot › mass'],
    ['a missing list', (raw) => delete (raw as Partial<Workspace>).rigs, 'missing', 'rigs'],
    [
      'a field nobody knows',
      (raw) => Object.assign(raw.rigs[0]!, { colour: 'red' }),
      'unknownField',
      'rigs › Dohle Kombi with Kiebitz 430',
    ],
    ['an id used twice', (raw) => raw.things.push(raw.things[0]!), 'duplicateId', 'things › Travel cot › id'],
    [
      'a thing that is not there',
      (raw) => (raw.loadouts[0]!.placements[0]!.thing = 'ghost'),
      'danglingReference',
      'loadouts › Family, one week › placements › 1 › thing',
    ],
    [
      'a place that is not there',
      (raw) => (raw.loadouts[0]!.placements[0]!.place = 'attic'),
      'danglingReference',
      'loadouts › Family, one week › placements › 1 › place',
    ],
    [
      'a tank that is not there',
      (raw) => (raw.loadouts[0]!.tankLevels[0]!.tank = 'keg'),
      'danglingReference',
      'loadouts › Family, one week › tankLevels › 1 › tank',
    ],
    [
      'a trailer in the vehicle’s place',
      (raw) => (raw.rigs[0]!.vehicle = 'kiebitz-430'),
      'wrongKind',
      'rigs › Dohle Kombi with Kiebitz 430 › vehicle',
    ],
    [
      'a situation that is not there',
      (raw) => (raw.rigs[0]!.situation = 'mars'),
      'danglingReference',
      'rigs › Dohle Kombi with Kiebitz 430 › situation',
    ],
    [
      'a fitted part of nothing',
      (raw) => delete raw.bodies[0]!.fitted[0]!.on,
      'emptyPart',
      'bodies › Dohle Kombi › fitted › Tow bar',
    ],
    [
      'a day that is none',
      (raw) => (raw.bodies[0]!.plates[0]!.date = '2026-02-30'),
      'badValue',
      'bodies › Dohle Kombi › plates › 1 › date',
    ],
  ])('%s, with the place', (_title, change, code, place) => {
    const found = problem(spoiled(change));
    expect(found).toMatchObject({ code: 'invalid' });
    if (found?.code !== 'invalid') return;
    expect(found.faults[0]).toMatchObject({ code, place });
  });

  it('says the first few faults in full and counts the rest', () => {
    const found = problem(spoiled((raw) => raw.things.forEach((thing) => (thing.mass = -1))));
    expect(found?.code === 'invalid' && [found.faults.length, found.more]).toEqual([5, german().things.length - 5]);
    expect(found && fileProblemMessages(found).map((line) => line.key)).toEqual([
      'file.invalid',
      ...Array.from({ length: 5 }, () => 'file.at'),
      'file.more',
    ]);
  });

  it('says where a fault is, but not under the field it was typed in, nor of the document as a whole', () => {
    const fault = { code: 'tooLong', place: 'bodies › 1 › name', detail: '80' } as const;
    expect(faultMessage(fault)).toMatchObject({
      key: 'file.at',
      params: { what: { key: 'file.fault.tooLong' } },
    });
    expect(faultInFieldMessage(fault).key).toBe('file.fault.tooLong');
    expect(faultMessage({ ...fault, place: '' }).key).toBe('file.fault.tooLong');
    // How things hang together is no matter of one field.
    expect(faultInFieldMessage({ ...fault, code: 'danglingReference' }).key).toBe('file.at');
  });

  it('refuses what is too large before it is parsed', () => {
    expect(problem(' '.repeat(20_000_001))).toEqual({ code: 'tooLarge', megabytes: 21 });
  });

  it('never throws, whatever is in it', () => {
    fc.assert(
      fc.property(fc.oneof(fc.string({ unit: 'binary' }), fc.json()), (text) => {
        expect(readWorkspace(text).ok).toBe(false);
      }),
    );
    fc.assert(
      fc.property(fc.object(), (extra) => {
        expect(readParsed({ ...extra, format: 'wagonomos', version: 1 }).ok).toBe(false);
      }),
    );
  });
});

describe('a file that can be used', () => {
  it('comes back as it went out', () => {
    for (const name of exampleNames) {
      const workspace = exampleWorkspace(name);
      expect(readWorkspace(writeWorkspace(workspace))).toEqual({ ok: true, workspace });
    }
  });

  it('comes back with any masses, names and levels', () => {
    const text = fc.string({ unit: 'grapheme', minLength: 1, maxLength: 12 }).map((one) => `n${one}`.trim());
    fc.assert(
      fc.property(
        text,
        fc.double({ min: 0.001, max: 1e5, noNaN: true }),
        fc.double({ min: 0.001, max: 1, noNaN: true }),
        (name, mass, fraction) => {
          const workspace = german();
          workspace.things[0]!.name = name;
          workspace.things[0]!.mass = mass + 0;
          workspace.loadouts[0]!.tankLevels[0]!.fraction = fraction + 0;
          expect(readWorkspace(writeWorkspace(workspace))).toEqual({ ok: true, workspace });
        },
      ),
    );
  });

  it('may start with a byte order mark', () => {
    expect(readWorkspace(`\uFEFF${writeWorkspace(german())}`).ok).toBe(true);
  });

  it('of version 1 is read for ever, with the verdict it had', () => {
    const url = new URL('golden/version-1.wagonomos.json', import.meta.url);
    const read = readWorkspace(readFileSync(url, 'utf8'));
    if (!read.ok) throw new Error(JSON.stringify(read.problem));
    const view = viewRig(read.workspace, 'dohle-and-kiebitz');
    const checks = view ? assess(view).checks : [];
    const least = checks.find((check) => check.id === 'ball.min');
    expect(least?.demand).toBeCloseTo(17.1, 1);
    expect(least?.status).toBe('over');
  });

  it('of version 2 is read for ever, and an old car test is kept as the period it was passed in', () => {
    const url = new URL('golden/version-2.wagonomos.json', import.meta.url);
    const read = readWorkspace(readFileSync(url, 'utf8'));
    if (!read.ok) throw new Error(JSON.stringify(read.problem));
    const [situation] = read.workspace.situations;
    expect(situation?.licence).toEqual({ issuer: 'GB', classes: ['B'], tested: 'before1997' });
    expect(readWorkspace(writeWorkspace(read.workspace))).toEqual(read);
  });

  it('of version 2 without an old test says nothing about the period', () => {
    const url = new URL('golden/version-2.wagonomos.json', import.meta.url);
    const raw = readFileSync(url, 'utf8').replace('"before1997": true', '"before1997": false');
    const read = readWorkspace(raw);
    expect(read.ok && read.workspace.situations[0]?.licence).toEqual({ issuer: 'GB', classes: ['B'] });
  });

  it('of version 3 is read for ever, with its slips and variants, and knows no trips yet', () => {
    const url = new URL('golden/version-3.wagonomos.json', import.meta.url);
    const read = readWorkspace(readFileSync(url, 'utf8'));
    if (!read.ok) throw new Error(JSON.stringify(read.problem));
    expect(read.workspace.tickets[0]?.readings.map((one) => one.value)).toEqual([1080, 2560]);
    expect(read.workspace.rigs[0]?.variants).toEqual(['family-week', 'weekend']);
    expect(read.workspace.trips).toEqual([]);
    expect(readWorkspace(writeWorkspace(read.workspace))).toEqual(read);
  });

  it('of version 4 is read for ever, with what held the nose up', () => {
    const url = new URL('golden/version-4.wagonomos.json', import.meta.url);
    const read = readWorkspace(readFileSync(url, 'utf8'));
    if (!read.ok) throw new Error(JSON.stringify(read.problem));
    expect(read.workspace.tickets[0]?.readings[1]).toMatchObject({ support: 'jockey', value: 95, graduation: 1 });
    expect(readWorkspace(writeWorkspace(read.workspace))).toEqual(read);
  });

  it('of version 5 is read for ever, with its slips, and knows no quotes or cases yet', () => {
    const url = new URL('golden/version-5.wagonomos.json', import.meta.url);
    const read = readWorkspace(readFileSync(url, 'utf8'));
    if (!read.ok) throw new Error(JSON.stringify(read.problem));
    expect(read.workspace.tickets).toHaveLength(3);
    expect([read.workspace.quotes, read.workspace.cases]).toEqual([[], []]);
    expect(readWorkspace(writeWorkspace(read.workspace))).toEqual(read);
  });

  it('of version 6 is read for ever, with its case, its quote, former plates and a further driver', () => {
    const url = new URL('golden/version-6.wagonomos.json', import.meta.url);
    const read = readWorkspace(readFileSync(url, 'utf8'));
    if (!read.ok) throw new Error(JSON.stringify(read.problem));
    const { cases, quotes, bodies, situations } = read.workspace;
    expect(cases[0]).toMatchObject({ id: 'air', packages: [{ name: 'Air springs' }], steps: [{ done: '2026-11-02' }] });
    expect(quotes[0]).toMatchObject({ from: 'A workshop', rig: 'sandpiper' });
    expect(bodies[0]?.formerPlates?.[0]).toMatchObject({ until: '2025-03-01' });
    expect(situations[0]?.drivers?.[0]).toMatchObject({ name: 'Second driver', licence: { classes: ['B'] } });
    expect(readWorkspace(writeWorkspace(read.workspace))).toEqual(read);
  });

  it('of version 7 is read for ever, with the ± of a length, of a split and of a place', () => {
    const url = new URL('golden/version-7.wagonomos.json', import.meta.url);
    const read = readWorkspace(readFileSync(url, 'utf8'));
    if (!read.ok) throw new Error(JSON.stringify(read.problem));
    const [van] = read.workspace.bodies;
    expect(van?.geometry).toMatchObject({ plusMinus: { wheelbase: 0.02 } });
    expect(van?.emptyMass).toMatchObject({ splitPlusMinus: 20 });
    expect(van?.places[0]?.xPlusMinus).toBe(0.1);
    expect(readWorkspace(writeWorkspace(read.workspace))).toEqual(read);
  });

  it('of version 8 is read for ever, with what is said of all of a body', () => {
    const url = new URL('golden/version-8.wagonomos.json', import.meta.url);
    const read = readWorkspace(readFileSync(url, 'utf8'));
    if (!read.ok) throw new Error(JSON.stringify(read.problem));
    expect(read.workspace.loadouts[0]?.said).toEqual([
      { body: 'sandpiper-van', total: 3120, totalPlusMinus: 20, listed: 412.5 },
    ]);
    expect(readWorkspace(writeWorkspace(read.workspace))).toEqual(read);
  });

  it('of version 9 is read for ever, with a body that takes what is usual and a place without a law', () => {
    const url = new URL('golden/version-9.wagonomos.json', import.meta.url);
    const read = readWorkspace(readFileSync(url, 'utf8'));
    if (!read.ok) throw new Error(JSON.stringify(read.problem));
    expect(read.workspace.bodies[0]?.typical).toBe(true);
    expect(read.workspace.situations[0]?.travel).toEqual({ country: 'plates' });
    expect(readWorkspace(writeWorkspace(read.workspace))).toEqual(read);
  });

  it('of version 10 is read for ever, its trips as trips that are over', () => {
    const url = new URL('golden/version-10.wagonomos.json', import.meta.url);
    const read = readWorkspace(readFileSync(url, 'utf8'));
    if (!read.ok) throw new Error(JSON.stringify(read.problem));
    expect(read.workspace.trips.map(({ id, plan, carried }) => [id, plan, carried?.length])).toEqual([
      ['coast', undefined, 25],
      ['hills', undefined, 25],
    ]);
    expect(readWorkspace(writeWorkspace(read.workspace))).toEqual(read);
  });

  it('of version 11 is read for ever, its trip planned and under way as it was', () => {
    const url = new URL('golden/version-11.wagonomos.json', import.meta.url);
    const read = readWorkspace(readFileSync(url, 'utf8'));
    if (!read.ok) throw new Error(JSON.stringify(read.problem));
    expect(read.workspace.trips.some(({ plan, log }) => (plan?.length ?? 0) > 3 && (log?.length ?? 0) > 0)).toBe(true);
    expect(read.workspace.loadouts.every(({ packing }) => packing === undefined)).toBe(true);
    expect(readWorkspace(writeWorkspace(read.workspace))).toEqual(read);
  });

  it('of version 12 is read for ever, with what its packing is to be like, and nothing in it is offered', () => {
    const url = new URL('golden/version-12.wagonomos.json', import.meta.url);
    const read = readWorkspace(readFileSync(url, 'utf8'));
    if (!read.ok) throw new Error(JSON.stringify(read.problem));
    expect(read.workspace.loadouts.some(({ packing }) => packing !== undefined)).toBe(true);
    expect(read.workspace.bodies.every(({ offer, looks }) => offer === undefined && looks === undefined)).toBe(true);
    expect(readWorkspace(writeWorkspace(read.workspace))).toEqual(read);
  });

  it('of version 13 is read for ever, with what is offered and looked at, and nothing in it falls due', () => {
    const url = new URL('golden/version-13.wagonomos.json', import.meta.url);
    const read = readWorkspace(readFileSync(url, 'utf8'));
    if (!read.ok) throw new Error(JSON.stringify(read.problem));
    expect(read.workspace.bodies.some(({ offer }) => offer !== undefined)).toBe(true);
    expect(read.workspace.bodies.every(({ dues }) => dues === undefined)).toBe(true);
    expect(readWorkspace(writeWorkspace(read.workspace))).toEqual(read);
  });

  it('of version 14 is read for ever, with what falls due, and no slip in it has answered what came since', () => {
    const url = new URL('golden/version-14.wagonomos.json', import.meta.url);
    const read = readWorkspace(readFileSync(url, 'utf8'));
    if (!read.ok) throw new Error(JSON.stringify(read.problem));
    expect(read.workspace.bodies.some(({ dues }) => dues !== undefined)).toBe(true);
    expect(read.workspace.tickets.every(({ since, loadUnknown }) => !since && !loadUnknown)).toBe(true);
    expect(readWorkspace(writeWorkspace(read.workspace))).toEqual(read);
  });

  it('of version 15 is read for ever, with its slips, and no place in it is of a kind that came later', () => {
    const url = new URL('golden/version-15.wagonomos.json', import.meta.url);
    const read = readWorkspace(readFileSync(url, 'utf8'));
    if (!read.ok) throw new Error(JSON.stringify(read.problem));
    expect(read.workspace.tickets.length).toBeGreaterThan(0);
    const kinds = read.workspace.bodies.flatMap(({ places }) => places.map(({ kind }) => kind));
    expect(kinds).not.toContain('gasLocker');
    expect(readWorkspace(writeWorkspace(read.workspace))).toEqual(read);
  });

  it('of version 16 is read for ever, with its gas locker, and nothing in it was taken out of an empty figure', () => {
    const url = new URL('golden/version-16.wagonomos.json', import.meta.url);
    const read = readWorkspace(readFileSync(url, 'utf8'));
    if (!read.ok) throw new Error(JSON.stringify(read.problem));
    expect(read.workspace.bodies.flatMap(({ places }) => places.map(({ kind }) => kind))).toContain('gasLocker');
    expect(read.workspace.loadouts.every(({ takenOut }) => takenOut === undefined)).toBe(true);
    expect(readWorkspace(writeWorkspace(read.workspace))).toEqual(read);
  });

  it('of version 17 is read for ever, with what was taken out, what its papers call it and the day of an age', () => {
    const url = new URL('golden/version-17.wagonomos.json', import.meta.url);
    const read = readWorkspace(readFileSync(url, 'utf8'));
    if (!read.ok) throw new Error(JSON.stringify(read.problem));
    const [van] = read.workspace.bodies.filter(({ kind }) => kind === 'vehicle');
    expect(van).toMatchObject({ classedAs: 'goods' });
    expect(van).not.toHaveProperty('towLimitMeans');
    expect(read.workspace.loadouts[0]?.takenOut).toHaveLength(1);
    expect(read.workspace.situations[0]?.licence).toMatchObject({ age: 61, ageOn: '2026-05-03' });
    expect(readWorkspace(writeWorkspace(read.workspace))).toEqual(read);
  });

  it('is described by the JSON Schema in docs', () => {
    const url = new URL('../../../docs/wagonomos.schema.json', import.meta.url);
    expect(JSON.parse(readFileSync(url, 'utf8'))).toEqual(JSON.parse(JSON.stringify(workspaceJsonSchema())));
  });
});

describe('putting documents together', () => {
  const all = exampleNames.map(exampleWorkspace).reduce(mergeWorkspaces, emptyWorkspace('yard', 'Yard'));

  it('keeps every rig, and what comes twice to the letter only once', () => {
    expect(all.rigs).toHaveLength(exampleNames.length);
    expect(mergeWorkspaces(all, german())).toEqual(all);
    expect(readParsed(all)).toEqual({ ok: true, workspace: all });
  });

  it('renames what differs under the same id, and all that refers to it', () => {
    const changed = german();
    changed.bodies[1]!.name = 'Another caravan';
    changed.things[0]!.mass = 99;
    const both = mergeWorkspaces(german(), changed);
    expect(readParsed(both).ok).toBe(true);
    expect(both.rigs).toHaveLength(2);
    expect(both.bodies.filter(({ offer }) => !offer).map((body) => body.name)).toEqual([
      'Dohle Kombi',
      'Kiebitz 430',
      'Another caravan',
    ]);
    const [old, added] = both.rigs.map((rig) => viewRig(both, rig.id));
    expect(old?.trailer?.name).toBe('Kiebitz 430');
    expect(added?.trailer?.name).toBe('Another caravan');
    expect(added?.things.get(added.loadout.placements[0]?.thing ?? '')?.mass).toBe(99);
  });

  it('takes one rig out with all it needs and nothing else', () => {
    const one = extractRig(all, 'dohle-and-kiebitz');
    expect(one && readParsed(one).ok).toBe(true);
    expect(one?.bodies.map((body) => body.id)).toEqual(['dohle-kombi', 'kiebitz-430']);
    expect(one?.things.every((thing) => thing.id.startsWith('de-'))).toBe(true);
    expect(extractRig(all, 'nobody')).toBeNull();
  });
});
