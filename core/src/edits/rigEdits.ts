import { referencesOf, removeEntries } from '../document/referenceTable.ts';
import type { Workspace } from '../document/workspace.ts';
import type { Hitch } from '../rig/hitch.ts';
import type { Rig } from '../rig/rig.ts';
import type { Situation } from '../situation/situation.ts';
import { withoutUndefined } from '../plain/lists.ts';
import { edited, entryOf, put } from './draft.ts';

/** Changes one rig; an unknown one changes nothing. */
export const inRig = (workspace: Workspace, id: string, change: (rig: Rig) => void): Workspace =>
  edited(workspace, ({ rigs }) => {
    const rig = entryOf(rigs, id);
    if (rig) change(rig);
  });

/** Gives a rig another name. */
export const renameRig = (workspace: Workspace, id: string, name: string): Workspace =>
  inRig(workspace, id, (rig) => {
    rig.name = name;
  });

/** Changes what stands between vehicle and trailer; a field given as undefined is taken away. */
export const setHitch = (workspace: Workspace, rigId: string, patch: Partial<Hitch>): Workspace =>
  inRig(workspace, rigId, (rig) => {
    rig.hitch = withoutUndefined({ ...rig.hitch, ...patch });
  });

/** @param x m behind the front axle where the camper's front wall stands; undefined: not known */
export const setCamperPosition = (workspace: Workspace, rigId: string, x: number | undefined): Workspace =>
  inRig(workspace, rigId, ({ camper }) => camper && put(camper, { x }));

/** Changes who is where and which day: a field given as undefined is taken away. */
export const changeSituation = (workspace: Workspace, id: string, patch: Partial<Omit<Situation, 'id'>>): Workspace =>
  edited(workspace, ({ situations }) => {
    const situation = entryOf(situations, id);
    if (situation) put(situation, patch);
  });

/**
 * Takes a rig away with its slips, trips, quotes and cases, and with the bodies, loadouts and situation that nothing else
 * refers to. Things stay owned, and what is offered stays to be looked at.
 */
export function removeRig(workspace: Workspace, id: string): Workspace {
  const rest = removeEntries(workspace, { rigs: new Set([id]) });
  const named = new Set(
    (['rigs', 'tickets'] as const).flatMap((list) =>
      rest[list].flatMap((entry) => referencesOf(list, entry).map(({ reference, id: to }) => `${reference.to} ${to}`)),
    ),
  );
  const unused = (list: 'bodies' | 'situations') =>
    new Set(
      rest[list]
        .filter((one) => !named.has(`${list} ${one.id}`) && !('offer' in one && one.offer !== undefined))
        .map((one) => one.id),
    );
  const bodies = unused('bodies');
  const loadouts = rest.loadouts.filter(
    (one) => !named.has(`loadouts ${one.id}`) && one.placements.every(({ body }) => bodies.has(body)),
  );
  return removeEntries(rest, {
    bodies,
    situations: unused('situations'),
    loadouts: new Set(loadouts.map((one) => one.id)),
  });
}

/**
 * Takes rigs away with everything that came with them, things too where no rig that is left uses them; what is not among
 * `demo` stays.
 * @param demo the document they came in: the demo
 */
export function putAway(workspace: Workspace, demo: Pick<Workspace, 'rigs' | 'things' | 'bodies'>): Workspace {
  const rest = demo.rigs.reduce((left, { id }) => removeRig(left, id), workspace);
  const used = new Set(
    (['loadouts', 'tickets', 'trips'] as const).flatMap((list) =>
      rest[list].flatMap((entry) =>
        referencesOf(list, entry).flatMap(({ reference, id }) => (reference.to === 'things' ? [id] : [])),
      ),
    ),
  );
  const came = demo.things.map(({ id }) => id).filter((id) => !used.has(id));
  const offered = demo.bodies.filter(({ offer }) => offer).map(({ id }) => id);
  const stillOffered = rest.bodies.filter(({ id, offer }) => offer && offered.includes(id)).map(({ id }) => id);
  return removeEntries(rest, { things: new Set(came), bodies: new Set(stillOffered) });
}
