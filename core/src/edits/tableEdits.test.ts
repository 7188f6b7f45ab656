import { describe, expect, it } from 'vitest';
import { readParsed } from '../files/readWorkspace.ts';
import { exampleWorkspace } from '../testing/examples.ts';
import { takeRows } from './tableEdits.ts';

const start = () => exampleWorkspace('german-estate-and-caravan');
let made = 0;
const newId = () => `made-${(made += 1)}`;
const place = { key: 'kiebitz-430/rear-locker', name: 'Rear locker' };

describe('rows of a table', () => {
  const workspace = start();
  const loadout = workspace.loadouts[0]!;
  const where = loadout.placements[0]!;
  const at = () => ({ body: where.body, place: where.place });

  it('come in as things in their places, or at home', () => {
    const after = takeRows(
      workspace,
      loadout.id,
      [
        { line: 2, name: 'Kettle', mass: 1.2, count: 2, place },
        { line: 3, name: 'Spade', mass: 3, count: 1, place: null },
      ],
      newId,
      at,
    );
    expect(readParsed(after)).toEqual({ ok: true, workspace: after });
    const [kettle, spade] = after.things.slice(-2);
    expect(kettle).toMatchObject({ name: 'Kettle', mass: 1.2 });
    expect(after.loadouts[0]?.placements.at(-1)).toEqual({ thing: kettle?.id, ...at(), count: 2 });
    expect(after.loadouts[0]?.placements.some((one) => one.thing === spade?.id)).toBe(false);
  });

  it('bring what is owned already up to date instead of doubling it, also within one table', () => {
    const owned = workspace.things[0]!;
    const row = { line: 2, name: owned.name.toUpperCase(), mass: 99, count: 3, place };
    const twice = [row, { ...row, line: 3, name: 'Tent', mass: 5 }, { ...row, line: 4, name: 'tent', mass: 6 }];
    const after = takeRows(workspace, loadout.id, twice, newId, at);
    expect(after.things).toHaveLength(workspace.things.length + 1);
    expect(after.things[0]).toMatchObject({ name: owned.name, mass: 99 });
    expect(after.things.at(-1)).toMatchObject({ name: 'Tent', mass: 6 });
    expect(after.loadouts[0]?.placements.filter((one) => one.thing === owned.id)).toEqual([
      { thing: owned.id, ...at(), count: 3 },
    ]);
  });
});
