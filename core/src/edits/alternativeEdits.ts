import type { Workspace } from '../document/workspace.ts';
import type { Alternative } from '../uprating/alternatives.ts';
import { loadoutIds } from './variantEdits.ts';
import { withoutUndefined } from '../plain/lists.ts';
import { edited, entryOf, put } from './draft.ts';

/**
 * Keeps an alternative: as another loadout of the rig and in hand from now on; lighter things beside the old ones; with a
 * trailer, as a rig of its own.
 * @returns the document, and the rig that has it
 */
export function keepAlternative(
  workspace: Workspace,
  rigId: string,
  { view, id: kind }: Alternative,
  name: string,
  newId: () => string,
): { readonly workspace: Workspace; readonly rig: string } {
  const loadoutId = newId();
  const renamed = new Map<string, string>();
  const lighter = [...view.things.values()].flatMap((thing) => {
    const known = workspace.things.find(({ id }) => id === thing.id);
    if (!known || JSON.stringify(known) === JSON.stringify(thing)) return [];
    renamed.set(thing.id, newId());
    return [{ ...thing, id: renamed.get(thing.id) ?? thing.id }];
  });
  const trailer = kind === 'smallTrailer' && view.trailer ? { ...view.trailer, id: newId() } : null;
  const placements = view.loadout.placements.map((one) => ({
    ...one,
    thing: renamed.get(one.thing) ?? one.thing,
    body: trailer && one.body === view.trailer?.id ? trailer.id : one.body,
  }));
  const loadout = { ...view.loadout, id: loadoutId, name, placements };
  const rig = workspace.rigs.find((one) => one.id === rigId);
  const towing =
    trailer && rig
      ? withoutUndefined({ ...rig, id: newId(), name, trailer: trailer.id, loadout: loadoutId, variants: undefined })
      : null;
  const kept = edited(workspace, ({ things, loadouts, bodies, rigs }) => {
    things.push(...lighter);
    loadouts.push(loadout);
    const one = entryOf(rigs, rigId);
    if (trailer && towing) {
      bodies.push(trailer);
      rigs.push(towing);
    } else if (one) put(one, { loadout: loadoutId, variants: [...loadoutIds(one), loadoutId] });
  });
  return { workspace: kept, rig: towing?.id ?? rigId };
}
