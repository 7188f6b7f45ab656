import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addThing, changeThing, removeThing } from '../edits/loadoutEdits.ts';
import { removeRig } from '../edits/removeRig.ts';
import { removeTicket } from '../edits/ticketEdits.ts';
import { listBounds } from '../rig/fields.ts';
import { exampleNames, exampleWorkspace } from '../testing/examples.ts';
import { assessTicket } from '../weighing/measured.ts';
import { viewRig } from '../document/viewRig.ts';
import { checkEdit } from '../document/checkEdit.ts';
import { extractRig } from './extractRig.ts';
import { mergeWorkspaces, planMerge } from './mergeWorkspaces.ts';
import { photosIn } from '../document/photosIn.ts';
import { readLeniently } from './readLeniently.ts';
import { readParsed } from './readWorkspace.ts';
import { entryLists, idsOf, referencesOf } from '../document/referenceTable.ts';
import type { Workspace } from '../document/workspace.ts';

const picture = 'a'.repeat(64);
const german = () => exampleWorkspace('german-estate-and-caravan');
/** The German rig with a slip, a part that slip found, a case, a quote that excludes another, and pictures of all kinds. */
function kept(): Workspace {
  const document = german();
  const [car, caravan] = document.bodies;
  const loadout = structuredClone(document.loadouts[0]!);
  const rig = document.rigs[0]!.id;
  const paper = { of: 'vehicle' as const, kind: 'paper' as const, limits: [], adds: [], costs: [], currency: 'EUR' };
  const quote = (id: string, excludes: string[]) => ({ id, name: id, rig, ...paper, excludes });
  const found = { id: 'found', name: 'Found', on: { mass: 12 }, inEmptyMass: 'no' as const, foundBy: 'slip' };
  return {
    ...document,
    bodies: [
      { ...car!, fitted: [...car!.fitted, found], plates: car!.plates.map((one) => ({ ...one, photo: picture })) },
      caravan!,
    ],
    tickets: [
      {
        id: 'slip',
        rig,
        name: 'Quarry',
        graduation: 10,
        loadout,
        photos: ['b'.repeat(64)],
        readings: [{ id: 'r', state: 'coupled', on: ['trailer'], value: 1240 }],
      },
    ],
    quotes: [quote('q1', ['q2', 'springsAll']), quote('q2', ['q1'])],
    cases: [
      {
        id: 'case',
        rig,
        name: 'Case',
        begun: '2026-01-01',
        packages: [{ id: 'q1', name: 'q1', ...paper, excludes: ['q2'] }],
        steps: [{ id: 'vehicle.apply', files: [{ hash: 'c'.repeat(64), name: 'Paper', kind: 'pdf' }] }],
        certified: [],
      },
    ],
  };
}

/** References that lead nowhere, examples' ids aside. */
const dangling = (document: Workspace): readonly string[] => {
  const known = idsOf(document);
  return entryLists.flatMap((list) =>
    document[list].flatMap((entry) =>
      referencesOf(list, entry).flatMap(({ reference: { to }, id, path }) =>
        to === 'pictures' || to === 'quotes' || known[to].has(id)
          ? []
          : [`${list} ${entry.id} ${path.join('.')} ${id}`],
      ),
    ),
  );
};

describe('opening beside', () => {
  it('leads slips, found parts, exclusions and cases to the entries that came in with them', () => {
    const incoming = kept();
    incoming.bodies[1]!.name = 'Another caravan';
    incoming.quotes[1]!.name = 'Another quote';
    incoming.things[0]!.mass = 99;
    const both = mergeWorkspaces(kept(), incoming);
    expect(readParsed(both)).toEqual({ ok: true, workspace: both });
    expect(dangling(both)).toEqual([]);
    const slip = both.tickets.find(({ id }) => id !== 'slip')!;
    const rig = both.rigs.find(({ id }) => id === slip.rig)!;
    expect(both.bodies.find(({ id }) => id === rig.trailer)?.name).toBe('Another caravan');
    // What was on board then lies in the bodies and is made of the things that came in.
    const bodies = new Set(slip.loadout!.placements.map(({ body }) => body));
    expect([...bodies].every((id) => id === rig.trailer || id === rig.vehicle)).toBe(true);
    const thing = slip.loadout!.placements.find(({ thing: id }) => id.startsWith(incoming.things[0]!.id));
    expect(both.things.find(({ id }) => id === thing?.thing)?.mass).toBe(99);
    const car = both.bodies.find(({ id }) => id === rig.vehicle)!;
    expect(car.fitted.find(({ id }) => id === 'found')?.foundBy).toBe(slip.id);
    const [first, second] = both.quotes.slice(2);
    expect(first?.excludes).toEqual([second?.id, 'springsAll']);
    expect(both.cases[1]?.packages[0]).toMatchObject({ id: first?.id, excludes: [second?.id] });
    // What was here is as it was.
    expect({
      ...both,
      ...Object.fromEntries(entryLists.map((list) => [list, both[list].slice(0, kept()[list].length)])),
    }).toEqual(kept());
  });

  it('judges a slip that came in as the same slip was judged where it came from', () => {
    const incoming = kept();
    incoming.bodies[1]!.plates[0]!.figures[0]!.value += 50;
    const both = mergeWorkspaces(kept(), incoming);
    const slip = both.tickets[1]!;
    const judged = (document: Workspace, id: string, ticket = document.tickets[0]!) =>
      assessTicket(viewRig(document, id)!, ticket).checks.map(({ id: check, demand, limit, status }) => [
        check,
        demand,
        limit,
        status,
      ]);
    expect(judged(both, slip.rig, slip)).toEqual(judged(incoming, incoming.rigs[0]!.id));
  });

  it('says beforehand what is here, what comes in and what is renamed', () => {
    const incoming = kept();
    expect(planMerge(kept(), incoming).same.bodies.size).toBe(2);
    incoming.things[0]!.mass = 99;
    const plan = planMerge(kept(), incoming);
    expect([...plan.renamed.things.keys()]).toEqual([incoming.things[0]!.id]);
    expect(plan.renamed.rigs.size).toBe(1);
    // The car names the slip that found its part, and the slip's rig came in anew.
    expect([...plan.renamed.bodies.keys()]).toEqual([incoming.bodies[0]!.id]);
  });

  it('of any two states of one document leaves no reference that leads nowhere or astray', () => {
    const touch = fc.record({ list: fc.constantFrom(...entryLists), at: fc.nat(), name: fc.string({ maxLength: 5 }) });
    fc.assert(
      fc.property(fc.array(touch, { maxLength: 6 }), fc.constantFrom(...exampleNames), (touches, name) => {
        const base = mergeWorkspaces(kept(), exampleWorkspace(name));
        const changed = structuredClone(base);
        for (const { list, at, name: next } of touches) {
          const entries: { name?: string }[] = changed[list];
          const entry = entries[at % Math.max(1, entries.length)];
          if (entry) entry.name = `x${next.trim()}`;
        }
        const both = mergeWorkspaces(base, changed);
        expect(checkEdit(both).ok).toBe(true);
        expect(dangling(both)).toEqual([]);
        for (const list of entryLists) {
          expect(both[list].slice(0, base[list].length)).toEqual(base[list]);
        }
        // Taken out again, what came in says what it said before.
        for (const rig of both.rigs.slice(base.rigs.length)) {
          const alone = extractRig(both, rig.id)!;
          expect(readParsed(alone).ok).toBe(true);
          expect(dangling(alone)).toEqual([]);
        }
      }),
      { numRuns: 60 },
    );
  });
});

describe('taking out and taking away', () => {
  it('a rig goes out with what only its slips and trips name', () => {
    const document = kept();
    const [thing] = document.loadouts[0]!.placements;
    const unloaded = {
      ...document,
      loadouts: document.loadouts.map((one) => ({ ...one, placements: one.placements.slice(1) })),
      trips: [
        {
          id: 't',
          name: 'Trip',
          rig: document.rigs[0]!.id,
          carried: [{ thing: document.things.at(-1)!.id, used: true }],
        },
      ],
    };
    const alone = extractRig(unloaded, document.rigs[0]!.id)!;
    expect(alone.things.map(({ id }) => id)).toEqual(
      expect.arrayContaining([thing!.thing, document.things.at(-1)!.id]),
    );
    expect(dangling(alone)).toEqual([]);
    expect(photosIn(alone)).toEqual([picture, 'b'.repeat(64), 'c'.repeat(64)]);
  });

  it('takes away with an entry what cannot be without it, and nothing else', () => {
    const document = kept();
    const torn = removeTicket(document, 'slip');
    expect(torn.bodies[0]!.fitted.at(-1)).toEqual({ id: 'found', name: 'Found', on: { mass: 12 }, inEmptyMass: 'no' });
    expect(dangling(torn)).toEqual([]);
    const gone = removeThing(torn, torn.things[0]!.id);
    expect(dangling(gone)).toEqual([]);
    expect(gone.loadouts[0]!.placements).toHaveLength(
      document.loadouts[0]!.placements.filter(({ thing }) => thing !== document.things[0]!.id).length,
    );
    const bare = removeRig(document, document.rigs[0]!.id);
    expect(entryLists.filter((list) => bare[list].length > 0)).toEqual(['things']);
  });
});

describe('an edit is kept only where it could be read back', () => {
  it.each<[string, (document: Workspace) => Workspace, string, string]>([
    ['a mass of nine digits', (d) => changeThing(d, d.things[0]!.id, { mass: 123456789 }), 'tooBig', 'mass'],
    ['a mass of next to nothing', (d) => changeThing(d, d.things[0]!.id, { mass: 5e-324 }), 'tooFine', 'mass'],
    ['no number', (d) => changeThing(d, d.things[0]!.id, { mass: NaN }), 'wrongType', 'mass'],
    ['no name', (d) => changeThing(d, d.things[0]!.id, { name: '  ' }), 'tooSmall', 'name'],
    ['an id that is there', (d) => addThing(d, { ...d.things[0]!, name: 'Other' }), 'duplicateId', 'id'],
    [
      '21 people',
      (d) => ({
        ...d,
        loadouts: d.loadouts.map((one) => ({
          ...one,
          crew: Array.from({ length: 21 }, (_, n) => ({ id: `p${n}`, name: 'Sam', mass: 80 })),
        })),
      }),
      'tooMany',
      'crew',
    ],
    [
      'more loadouts than there may be',
      (d) => ({ ...d, loadouts: Array.from({ length: listBounds.loadouts + 1 }, () => d.loadouts[0]!) }),
      'tooMany',
      'loadouts',
    ],
    ['a document without a name', (d) => ({ ...d, name: '' }), 'tooSmall', 'name'],
  ])('%s is refused with its place', (_title, edit, code, place) => {
    const document = german();
    expect(checkEdit(document).ok).toBe(true);
    const after = edit(document);
    const checked = checkEdit(after);
    expect(checked.ok).toBe(false);
    if (checked.ok) return;
    expect(checked.problem.faults[0]).toMatchObject({ code });
    expect(checked.problem.faults[0]?.place.split(' › ').at(-1)).toBe(place);
    expect(readParsed(after).ok).toBe(false);
  });

  it('takes spaces off a name as reading would, and leaves what is sound the same object', () => {
    const document = german();
    const checked = checkEdit(changeThing(document, document.things[0]!.id, { name: ' Cot ' }));
    expect(checked.ok && checked.workspace.things[0]?.name).toBe('Cot');
    expect(checked.ok && checked.workspace.things[1]).toBe(document.things[1]);
    expect(checkEdit(document)).toEqual({ ok: true, workspace: document });
  });
});

describe('a damaged document is read as far as it can be', () => {
  const lenient = (change: (raw: Workspace) => void) => {
    const raw = kept();
    change(raw);
    expect(readParsed(raw).ok).toBe(false);
    const read = readLeniently(raw)!;
    expect(readParsed(read.workspace)).toEqual({ ok: true, workspace: read.workspace });
    return read;
  };

  it('sets the smallest part around a fault aside and names it', () => {
    const read = lenient((raw) => (raw.bodies[0]!.plates[0]!.figures[0]!.value = -5));
    expect(read.setAside).toHaveLength(1);
    expect(read.setAside[0]?.place).toBe('bodies › Dohle Kombi › plates › 1 › figures › 1 › value');
    const document = kept();
    document.bodies[0]!.plates[0]!.figures.splice(0, 1);
    expect(read.workspace).toEqual(document);
  });

  it('drops a field it does not know and keeps what holds it', () => {
    const read = lenient((raw) => Object.assign(raw.things[0]!, { colour: 'red' }));
    expect(read.workspace).toEqual(kept());
    expect(read.setAside.map(({ code }) => code)).toEqual(['unknownField']);
  });

  it('keeps a rig whose loadout is lost, with an empty one', () => {
    const read = lenient((raw) => (raw.loadouts = []));
    expect(read.workspace.rigs).toHaveLength(1);
    expect(viewRig(read.workspace, read.workspace.rigs[0]!.id)?.loadout.placements).toEqual([]);
    expect(read.setAside[0]).toMatchObject({ code: 'danglingReference' });
  });

  it('keeps the first entries of a list that is too long', () => {
    const read = lenient((raw) => {
      const [one] = raw.loadouts[0]!.crew;
      raw.loadouts[0]!.crew = Array.from({ length: 25 }, (_, n) => ({ ...one!, id: `p${n}` }));
    });
    expect(read.workspace.loadouts[0]?.crew).toHaveLength(20);
  });

  it('counts a list that is not there, or is none, among what was set aside', () => {
    const read = lenient((raw) => Reflect.deleteProperty(raw, 'situations'));
    expect(read.setAside[0]).toEqual({ code: 'missing', place: 'situations', detail: '' });
    expect(read.count).toBeGreaterThan(1);
    expect(lenient((raw) => Object.assign(raw, { quotes: 'gone' })).setAside).toContainEqual({
      code: 'wrongType',
      place: 'quotes',
      detail: '',
    });
  });

  it('throws at nothing a store may hold: lists with fields of their own that stand before what lists can do', () => {
    for (const key of [
      'constructor',
      'map',
      'flatMap',
      'filter',
      'entries',
      'splice',
      'every',
      'length_',
      'toString',
    ]) {
      for (const list of entryLists) {
        const raw = kept();
        Object.defineProperty(raw[list], key, { value: 'x', enumerable: true });
        raw.things[0]!.mass = -1;
        expect(readParsed(raw).ok).toBe(false);
        expect(readLeniently(raw)?.workspace.rigs).toEqual(kept().rigs);
      }
    }
  });

  it('reads what it understands of a newer version, and nothing of somebody else’s file', () => {
    const newer = { ...kept(), version: 99, dreams: [], bodies: kept().bodies.map((one) => ({ ...one, mood: 1 })) };
    expect(readLeniently(newer)?.workspace).toEqual(kept());
    expect(readLeniently({ format: 'other', version: 1 })).toBeNull();
    expect(readLeniently('text')).toBeNull();
  });
});
