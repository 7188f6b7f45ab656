import type { Workspace } from './workspace.ts';

/**
 * Puts the rigs of one document beside those of another. What is there already to the letter is not doubled; what has
 * the same id and differs comes in under a new id, so nothing is overwritten.
 */
export function mergeWorkspaces(base: Workspace, incoming: Workspace): Workspace {
  const bodies = joined(base.bodies, incoming.bodies);
  const things = joined(base.things, incoming.things);
  const situations = joined(base.situations, incoming.situations);
  const loadouts = joined(
    base.loadouts,
    incoming.loadouts.map((loadout) => ({
      ...loadout,
      placements: loadout.placements.map((one) => ({
        ...one,
        thing: things.now(one.thing),
        body: bodies.now(one.body),
      })),
      tankLevels: loadout.tankLevels.map((one) => ({ ...one, body: bodies.now(one.body) })),
      ...(loadout.fittingPositions
        ? { fittingPositions: loadout.fittingPositions.map((one) => ({ ...one, body: bodies.now(one.body) })) }
        : {}),
    })),
  );
  const rigs = joined(
    base.rigs,
    incoming.rigs.map((rig) => ({
      ...rig,
      ...(rig.vehicle === undefined ? {} : { vehicle: bodies.now(rig.vehicle) }),
      ...(rig.camper === undefined ? {} : { camper: { ...rig.camper, body: bodies.now(rig.camper.body) } }),
      ...(rig.trailer === undefined ? {} : { trailer: bodies.now(rig.trailer) }),
      situation: situations.now(rig.situation),
      loadout: loadouts.now(rig.loadout),
      ...(rig.variants === undefined ? {} : { variants: rig.variants.map((id) => loadouts.now(id)) }),
    })),
  );
  const trips = joined(
    base.trips,
    incoming.trips.map((trip) => ({
      ...trip,
      rig: rigs.now(trip.rig),
      carried: trip.carried.map((one) => ({ ...one, thing: things.now(one.thing) })),
    })),
  );
  const ofRig = <One extends { readonly id: string; readonly rig: string }>(
    here: readonly One[],
    there: readonly One[],
  ): One[] =>
    joined(
      here,
      there.map((one) => ({ ...one, rig: rigs.now(one.rig) })),
    ).all;
  return {
    ...base,
    quotes: ofRig(base.quotes, incoming.quotes),
    cases: ofRig(base.cases, incoming.cases),
    bodies: bodies.all,
    things: things.all,
    situations: situations.all,
    loadouts: loadouts.all,
    rigs: rigs.all,
    tickets: ofRig(base.tickets, incoming.tickets),
    trips: trips.all,
  };
}

interface Joined<T> {
  readonly all: T[];
  /** The id under which an incoming entry is kept now. */
  readonly now: (id: string) => string;
}

function joined<T extends { readonly id: string }>(base: readonly T[], incoming: readonly T[]): Joined<T> {
  const known = new Map(base.map((entry) => [entry.id, entry]));
  const renamed = new Map<string, string>();
  const all = [...base];
  for (const entry of incoming) {
    const same = known.get(entry.id);
    if (same && JSON.stringify(same) === JSON.stringify(entry)) continue;
    const id = same ? freeId(entry.id, known) : entry.id;
    renamed.set(entry.id, id);
    const kept = { ...entry, id };
    known.set(id, kept);
    all.push(kept);
  }
  return { all, now: (id) => renamed.get(id) ?? id };
}

/** Ids are at most 64 characters; the old one gives way so that the number fits. */
function freeId(id: string, taken: ReadonlyMap<string, unknown>): string {
  let n = 2;
  while (taken.has(`${id.slice(0, 56)}-${n}`)) n += 1;
  return `${id.slice(0, 56)}-${n}`;
}
