import type { DemoIds } from '../../stores/demo.ts';
import { thingsAboard, type RigView, type Thing, type Workspace } from '@wagonomos/core';

/** Things that lie in other loadouts than this one and not in it. */
export function thingsElsewhere(view: RigView, document: Workspace | null): ReadonlySet<string> {
  const here = new Set(thingsAboard(view).map(({ id }) => id));
  const others = (document?.loadouts ?? [])
    .filter((loadout) => loadout.id !== view.loadout.id)
    .flatMap((loadout) => loadout.placements.map((one) => one.thing));
  return new Set(others.filter((thing) => !here.has(thing)));
}

/** Things this rig has to do with: an owner's own rig knows the demo's only where it carries them. */
export function thingsFor(view: RigView, demo: DemoIds | null): readonly Thing[] {
  const all = [...view.things.values()];
  if (demo?.rigs.has(view.rig.id)) return all;
  const here = new Set(thingsAboard(view).map(({ id }) => id));
  return all.filter(({ id }) => here.has(id) || (demo !== null && !demo.things.has(id)));
}

/** What is on board, and what stays at home and is in no other loadout. */
export function ownThings(view: RigView, document: Workspace | null, demo: DemoIds | null): readonly Thing[] {
  const elsewhere = thingsElsewhere(view, document);
  return thingsFor(view, demo).filter((thing) => !elsewhere.has(thing.id));
}
