import type { Body } from '../rig/body.ts';
import { entryLists, idsOf, referencesOf } from './referenceTable.ts';
import type { Workspace } from './workspace.ts';

export interface ReferenceProblem {
  readonly code: 'duplicateId' | 'danglingReference' | 'wrongKind' | 'emptyPart' | 'emptyRig';
  readonly path: readonly (string | number)[];
}

/** Ids used twice, and references that lead nowhere or to the wrong kind of thing. */
export function referenceProblems(workspace: Workspace): readonly ReferenceProblem[] {
  return [
    ...duplicates(workspace),
    ...danglingReferences(workspace),
    ...emptyRigs(workspace),
    ...missingParts(workspace),
    ...partProblems(workspace),
  ];
}

function duplicates(workspace: Workspace): ReferenceProblem[] {
  const lists: [readonly (string | number)[], readonly { readonly id: string }[]][] = [
    ...entryLists.map((list): Listed => [[list], workspace[list]]),
    ...workspace.bodies.flatMap((body, at) => bodyLists(body, ['bodies', at])),
    ...workspace.loadouts.map((loadout, at): Listed => [['loadouts', at, 'crew'], loadout.crew]),
    ...workspace.tickets.map((ticket, at): Listed => [['tickets', at, 'readings'], ticket.readings]),
    ...workspace.cases.map((one, at): Listed => [['cases', at, 'steps'], one.steps]),
    ...workspace.cases.map((one, at): Listed => [['cases', at, 'packages'], one.packages]),
    ...workspace.trips.map((one, at): Listed => [['trips', at, 'plan'], one.plan ?? []]),
    ...workspace.trips.map((one, at): Listed => [['trips', at, 'log'], one.log ?? []]),
    // Of one part of a trip there is one entry: what happened in its place.
    ...workspace.trips.map((one, at): Listed => [['trips', at, 'log'], (one.log ?? []).map(({ did }) => did)]),
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
    [[...path, 'dues'], body.dues ?? []],
    [[...path, 'fittings'], body.fittings ?? []],
    ...(body.fittings ?? []).map((one, at): Listed => [[...path, 'fittings', at, 'positions'], one.positions]),
    ...(body.kind === 'camper' ? [] : [[[...path, 'gear'], body.gear ?? []] satisfies Listed]),
  ];
  return body.kind === 'vehicle' ? [...lists, [[...path, 'seats'], body.seats]] : lists;
}

/** What must be there and is not, or is of another kind. */
function danglingReferences(workspace: Workspace): ReferenceProblem[] {
  const known = idsOf(workspace);
  const kinds = new Map(workspace.bodies.map((body) => [body.id, body.kind]));
  return entryLists.flatMap((list) =>
    workspace[list].flatMap((entry, at) =>
      referencesOf(list, entry).flatMap(({ reference, id, path }): ReferenceProblem[] => {
        const { to, hold, kind } = reference;
        if (hold === 'loose' || to === 'pictures') return [];
        if (!known[to].has(id)) return [{ code: 'danglingReference', path: [list, at, ...path] }];
        if (kind !== undefined && kinds.get(id) !== kind) return [{ code: 'wrongKind', path: [list, at, ...path] }];
        return [];
      }),
    ),
  );
}

const emptyRigs = ({ rigs }: Workspace): ReferenceProblem[] =>
  rigs.flatMap((rig, at): ReferenceProblem[] =>
    rig.vehicle === undefined && (rig.trailer === undefined || rig.camper)
      ? [{ code: 'emptyRig', path: ['rigs', at] }]
      : [],
  );

/** Places, tanks and positions that the body named beside them does not have. */
function missingParts(workspace: Workspace): ReferenceProblem[] {
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
      ...loadout.placements.flatMap((placement, n) =>
        places.has(`${placement.body}/${placement.place}`) ? [] : [problem('placements', n, 'place')],
      ),
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
