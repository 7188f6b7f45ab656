import { describe, expect, it } from 'vitest';
import { mergeWorkspaces } from '../files/mergeWorkspaces.ts';
import { readParsed } from '../files/readWorkspace.ts';
import { extractRig } from '../files/extractRig.ts';
import { viewRig } from '../document/viewRig.ts';
import { exampleWorkspace } from '../testing/examples.ts';
import { assess } from '../verdict/assess.ts';
import { loadoutDifferences } from '../verdict/compareLoadouts.ts';
import { addCrew, placeThing, setTankLevel } from './loadoutEdits.ts';
import { removeRig } from './removeRig.ts';
import { chooseLoadout, copyLoadout, loadoutsOf, removeLoadout, renameLoadout } from './variantEdits.ts';

const start = () => exampleWorkspace('german-estate-and-caravan');
const rigId = 'dohle-and-kiebitz';
const rigIn = (workspace: ReturnType<typeof start>) => workspace.rigs[0]!;

describe('ways to load a rig', () => {
  const first = rigIn(start()).loadout;
  const two = copyLoadout(start(), rigId, 'short', 'Short trip');

  it('are copied to the letter, and the copy is in hand', () => {
    expect(rigIn(two)).toMatchObject({ loadout: 'short', variants: [first, 'short'] });
    const [one, copy] = loadoutsOf(two, rigIn(two));
    expect(copy).toEqual({ ...one, id: 'short', name: 'Short trip' });
    expect(readParsed(two)).toEqual({ ok: true, workspace: two });
  });

  it('change without the other', () => {
    const thing = two.loadouts[0]!.placements[0]!.thing;
    const changed = placeThing(two, 'short', thing, null);
    expect(changed.loadouts[0]).toEqual(two.loadouts[0]);
    expect(loadoutsOf(changed, rigIn(changed))[1]?.placements.some((one) => one.thing === thing)).toBe(false);
  });

  it('are chosen, renamed and dropped; the last one stays', () => {
    expect(rigIn(chooseLoadout(two, rigId, first)).loadout).toBe(first);
    expect(chooseLoadout(two, rigId, 'nobody')).toEqual(two);
    expect(renameLoadout(two, 'short', 'Weekend').loadouts.at(-1)?.name).toBe('Weekend');
    const dropped = removeLoadout(two, rigId, 'short');
    expect(rigIn(dropped)).toMatchObject({ loadout: first, variants: [first] });
    expect(dropped.loadouts.map((one) => one.id)).toEqual(start().loadouts.map((one) => one.id));
    expect(removeLoadout(dropped, rigId, first)).toEqual(dropped);
    expect(removeLoadout(start(), rigId, 'nobody')).toEqual(start());
  });

  it('go with their rig, out, in and away', () => {
    expect(extractRig(two, rigId)?.loadouts.map((one) => one.id)).toEqual([first, 'short']);
    expect(removeRig(two, rigId).loadouts).toEqual([]);
    const base = start();
    base.loadouts[0]!.name = 'Other';
    base.rigs[0]!.name = 'Other';
    const merged = mergeWorkspaces(base, two);
    expect(readParsed(merged).ok).toBe(true);
    const came = merged.rigs.at(-1)!;
    expect(loadoutsOf(merged, came).map((one) => one.name)).toEqual(['Family, one week', 'Short trip']);
  });

  it('are refused where one leads nowhere', () => {
    const broken = start();
    broken.rigs[0]!.variants = ['nobody'];
    expect(readParsed(broken).ok).toBe(false);
  });

  it('say what differs, the heaviest first, and nothing of what is the same', () => {
    const trailer = two.bodies.find((body) => body.kind === 'trailer')!;
    const tank = trailer.tanks.find((one) => one.kind === 'fresh')!;
    const moved = two.loadouts[0]!.placements[0]!;
    const other = trailer.places.find((place) => place.id !== moved.place)!;
    let changed = setTankLevel(two, 'short', trailer.id, tank.id, 1);
    changed = addCrew(changed, 'short', { id: 'guest', name: 'Guest', mass: 70 });
    changed = placeThing(changed, 'short', moved.thing, { body: trailer.id, place: other.id, count: moved.count });
    const all = loadoutsOf(changed, rigIn(changed)).map((one) => assess(viewRig(changed, rigId, one.id)!));
    const found = loadoutDifferences(all);
    expect(found.map(({ kind }) => kind).sort()).toEqual(['crew', 'tank', 'thing']);
    expect(found.find(({ kind }) => kind === 'crew')?.each).toEqual([null, { mass: 70, where: '' }]);
    expect(found.find(({ kind }) => kind === 'thing')?.each[1]?.where).toBe(other.name);
    const masses = found.map(({ each }) => Math.max(...each.map((one) => one?.mass ?? 0)));
    expect(masses).toEqual([...masses].sort((a, b) => b - a));
    expect(loadoutDifferences([all[0]!, all[0]!])).toEqual([]);
  });
});
