import { referencesOf, removeEntries } from '../document/referenceTable.ts';
import type { Workspace } from '../document/workspace.ts';

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
