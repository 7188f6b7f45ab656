import { groupedBy } from '../plain/lists.ts';
import { tankLevel } from '../loading/tankLevel.ts';
import type { RigView } from '../loading/rigView.ts';
import { placedMass } from '../loading/placed.ts';
import { placedBodies } from '../loading/rigView.ts';
import { tankContents } from '../loading/tankContents.ts';
import type { Assessment } from './assess.ts';

/** One line in which loadouts differ: where a thing is in each, who sits where, what a tank holds. */
export interface Difference {
  readonly kind: 'thing' | 'crew' | 'tank';
  readonly name: string;
  /** In the order of the loadouts; null: not on board. kg. */
  readonly each: readonly ({ readonly mass: number; readonly where: string } | null)[];
}

/** What is not the same in all of these ways to load one rig, the heaviest difference first. */
export function loadoutDifferences(assessments: readonly Assessment[]): readonly Difference[] {
  const views = assessments.map(({ loads }) => loads.view);
  const lists = views.map((view) => contentsOf(view, partedThings(views)));
  const keys = new Set(lists.flatMap((list) => [...list.keys()]));
  return [...keys]
    .flatMap((key): readonly Difference[] => {
      const each = lists.map((list) => list.get(key) ?? null);
      const known = each.find((one) => one !== null);
      const said = new Set(each.map((one) => (one ? `${one.mass} ${one.where}` : '')));
      if (!known || said.size === 1) return [];
      return [
        { kind: known.kind, name: known.name, each: each.map((one) => one && { mass: one.mass, where: one.where }) },
      ];
    })
    .sort((a, b) => heaviest(b) - heaviest(a));
}

const heaviest = ({ each }: Difference): number => Math.max(...each.map((one) => one?.mass ?? 0));

interface Content {
  readonly kind: Difference['kind'];
  readonly name: string;
  readonly mass: number;
  readonly where: string;
}

/** Things that lie in several places of one of these loadouts: they are told place by place. */
const partedThings = (views: readonly RigView[]): ReadonlySet<string> =>
  new Set(
    views.flatMap(({ loadout }) =>
      [...groupedBy(loadout.placements, ({ thing }) => thing)]
        .filter(([, parts]) => parts.length > 1)
        .map(([thing]) => thing),
    ),
  );

function contentsOf(view: RigView, parted: ReadonlySet<string>): ReadonlyMap<string, Content> {
  const bodies = placedBodies(view).map(({ body }) => body);
  const found = new Map<string, Content>();
  for (const placement of view.loadout.placements) {
    const { thing: id, body, place } = placement;
    const thing = view.things.get(id);
    const where = bodies.find((one) => one.id === body)?.places.find((one) => one.id === place)?.name ?? '';
    if (!thing) continue;
    const key = parted.has(id) ? `thing ${id} ${body}/${place}` : `thing ${id}`;
    const mass = placedMass(thing, placement) + (found.get(key)?.mass ?? 0);
    found.set(key, { kind: 'thing', name: thing.name, mass, where });
  }
  for (const { name, mass, seat } of view.loadout.crew) {
    const where = view.vehicle?.seats.find((one) => one.id === seat)?.name ?? '';
    found.set(`crew ${name}`, { kind: 'crew', name, mass, where });
  }
  for (const body of bodies) {
    for (const tank of body.tanks) {
      const level = tankLevel(view, body.id, tank.id);
      const mass = tankContents(tank, level);
      if (mass !== null && mass > 0) {
        found.set(`tank ${body.id}/${tank.id}`, { kind: 'tank', name: tank.name, mass, where: body.name });
      }
    }
  }
  return found;
}
