import type { Body } from '../rig/body.ts';
import type { Workspace } from './workspace.ts';

export interface ReferenceProblem {
  readonly code: 'duplicateId' | 'danglingReference' | 'wrongKind' | 'emptyPart' | 'emptyRig';
  readonly path: readonly (string | number)[];
}

/** Ids used twice, and references that lead nowhere or to the wrong kind of thing. */
export function referenceProblems(workspace: Workspace): readonly ReferenceProblem[] {
  return [
    ...duplicates(workspace),
    ...rigProblems(workspace),
    ...loadoutProblems(workspace),
    ...partProblems(workspace),
    ...ofKnownRigs(workspace),
    ...tripProblems(workspace),
  ];
}

function duplicates(workspace: Workspace): ReferenceProblem[] {
  const lists: [readonly (string | number)[], readonly { readonly id: string }[]][] = [
    [['bodies'], workspace.bodies],
    [['rigs'], workspace.rigs],
    [['things'], workspace.things],
    [['loadouts'], workspace.loadouts],
    [['situations'], workspace.situations],
    [['tickets'], workspace.tickets],
    [['trips'], workspace.trips],
    [['quotes'], workspace.quotes],
    [['cases'], workspace.cases],
    ...workspace.bodies.flatMap((body, at) => bodyLists(body, ['bodies', at])),
    ...workspace.loadouts.map((loadout, at): Listed => [['loadouts', at, 'crew'], loadout.crew]),
    ...workspace.tickets.map((ticket, at): Listed => [['tickets', at, 'readings'], ticket.readings]),
    ...workspace.cases.map((one, at): Listed => [['cases', at, 'steps'], one.steps]),
    ...workspace.cases.map((one, at): Listed => [['cases', at, 'packages'], one.packages]),
    ...workspace.situations.map((one, at): Listed => [['situations', at, 'drivers'], one.drivers ?? []]),
  ];
  return lists.flatMap(([path, items]) => {
    const seen = new Set<string>();
    return items.flatMap((item, at): ReferenceProblem[] => {
      if (!seen.has(item.id)) {
        seen.add(item.id);
        return [];
      }
      return [{ code: 'duplicateId', path: [...path, at, 'id'] }];
    });
  });
}

type Listed = [readonly (string | number)[], readonly { readonly id: string }[]];

function bodyLists(body: Body, path: readonly (string | number)[]): Listed[] {
  const lists: Listed[] = [
    [[...path, 'plates'], body.plates],
    [[...path, 'formerPlates'], body.formerPlates ?? []],
    [[...path, 'places'], body.places],
    [[...path, 'tanks'], body.tanks],
    [[...path, 'fitted'], body.fitted],
    [[...path, 'fittings'], body.fittings ?? []],
    ...(body.fittings ?? []).map((one, at): Listed => [[...path, 'fittings', at, 'positions'], one.positions]),
    ...(body.kind === 'camper' ? [] : [[[...path, 'gear'], body.gear ?? []] satisfies Listed]),
  ];
  return body.kind === 'vehicle' ? [...lists, [[...path, 'seats'], body.seats]] : lists;
}

function rigProblems(workspace: Workspace): ReferenceProblem[] {
  const kinds = new Map(workspace.bodies.map((body) => [body.id, body.kind]));
  const loadouts = new Set(workspace.loadouts.map((loadout) => loadout.id));
  const situations = new Set(workspace.situations.map((situation) => situation.id));
  return workspace.rigs.flatMap((rig, at) => {
    const problems: ReferenceProblem[] = [];
    const path = (field: string) => ['rigs', at, field];
    const body = (field: 'vehicle' | 'trailer' | 'camper', id: string | undefined) => {
      if (id === undefined) return;
      const kind = kinds.get(id);
      if (kind === undefined) problems.push({ code: 'danglingReference', path: path(field) });
      else if (kind !== field) problems.push({ code: 'wrongKind', path: path(field) });
    };
    body('vehicle', rig.vehicle);
    body('trailer', rig.trailer);
    body('camper', rig.camper?.body);
    if (rig.vehicle === undefined && (rig.trailer === undefined || rig.camper)) {
      problems.push({ code: 'emptyRig', path: ['rigs', at] });
    }
    if (!loadouts.has(rig.loadout)) problems.push({ code: 'danglingReference', path: path('loadout') });
    rig.variants?.forEach((id, n) => {
      if (!loadouts.has(id)) problems.push({ code: 'danglingReference', path: ['rigs', at, 'variants', n] });
    });
    if (!situations.has(rig.situation)) problems.push({ code: 'danglingReference', path: path('situation') });
    return problems;
  });
}

function loadoutProblems(workspace: Workspace): ReferenceProblem[] {
  const things = new Set(workspace.things.map((thing) => thing.id));
  const places = new Set(workspace.bodies.flatMap((body) => body.places.map((place) => `${body.id}/${place.id}`)));
  const tanks = new Set(workspace.bodies.flatMap((body) => body.tanks.map((tank) => `${body.id}/${tank.id}`)));
  const positions = new Set(
    workspace.bodies.flatMap((body) =>
      (body.fittings ?? []).flatMap((one) => one.positions.map(({ id }) => `${body.id}/${one.id}/${id}`)),
    ),
  );
  return workspace.loadouts.flatMap((loadout, at) => {
    const problem = (...path: (string | number)[]): ReferenceProblem => ({
      code: 'danglingReference',
      path: ['loadouts', at, ...path],
    });
    return [
      ...loadout.placements.flatMap((placement, n) => [
        ...(things.has(placement.thing) ? [] : [problem('placements', n, 'thing')]),
        ...(places.has(`${placement.body}/${placement.place}`) ? [] : [problem('placements', n, 'place')]),
      ]),
      ...loadout.tankLevels.flatMap((level, n) =>
        tanks.has(`${level.body}/${level.tank}`) ? [] : [problem('tankLevels', n, 'tank')],
      ),
      ...(loadout.fittingPositions ?? []).flatMap((one, n) =>
        positions.has(`${one.body}/${one.fitting}/${one.position}`) ? [] : [problem('fittingPositions', n, 'position')],
      ),
    ];
  });
}

/** A fitted part that neither adds nor removes anything says nothing; a seat taken out and a position must be the body's. */
const partProblems = (workspace: Workspace): ReferenceProblem[] =>
  workspace.bodies.flatMap((body, at) => {
    const seats = new Set(body.kind === 'vehicle' ? body.seats.map((seat) => seat.id) : []);
    const dangling = (...path: (string | number)[]): ReferenceProblem => ({
      code: 'danglingReference',
      path: ['bodies', at, ...path],
    });
    return [
      ...body.fitted.flatMap((part, n): ReferenceProblem[] => [
        ...(part.on || part.off ? [] : [{ code: 'emptyPart' as const, path: ['bodies', at, 'fitted', n] }]),
        ...(part.seat === undefined || seats.has(part.seat) ? [] : [dangling('fitted', n, 'seat')]),
      ]),
      ...(body.fittings ?? []).flatMap((one, n) =>
        one.positions.some(({ id }) => id === one.emptyAt) ? [] : [dangling('fittings', n, 'emptyAt')],
      ),
    ];
  });

function tripProblems({ rigs, things, trips }: Workspace): ReferenceProblem[] {
  const known = new Set(rigs.map((rig) => rig.id));
  const owned = new Set(things.map((thing) => thing.id));
  return trips.flatMap((trip, at) => [
    ...(known.has(trip.rig) ? [] : [{ code: 'danglingReference' as const, path: ['trips', at, 'rig'] }]),
    ...trip.carried.flatMap(({ thing }, n) =>
      owned.has(thing) ? [] : [{ code: 'danglingReference' as const, path: ['trips', at, 'carried', n, 'thing'] }],
    ),
  ]);
}

/** Slips, quotes and cases each belong to a rig of the document. */
function ofKnownRigs(workspace: Workspace): ReferenceProblem[] {
  const known = new Set(workspace.rigs.map((rig) => rig.id));
  return (['tickets', 'quotes', 'cases'] as const).flatMap((list) =>
    workspace[list].flatMap(({ rig }, at): ReferenceProblem[] =>
      known.has(rig) ? [] : [{ code: 'danglingReference', path: [list, at, 'rig'] }],
    ),
  );
}
