import { levelledAnew } from '../loading/loadoutChanges.ts';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import { tankLevel } from '../loading/tankLevel.ts';

/**
 * A loadout as it stands, and with its water used up: all of it in the waste tanks as far as they hold it, and all of it gone. In
 * between every load is linear in what has been used, so that what holds at these holds on the way.
 */
export function waterMoments(view: RigView): readonly RigView[] {
  const tanks = placedBodies(view).flatMap(({ body }) => body.tanks.map((tank) => ({ body: body.id, tank })));
  const litres = (kind: 'fresh' | 'grey') =>
    tanks
      .filter(({ tank }) => tank.kind === kind)
      .map(({ body, tank }) => ({
        body,
        tank: tank.id,
        holds: tank.capacityL ?? 0,
        level: tankLevel(view, body, tank.id),
      }));
  const [fresh, grey] = [litres('fresh'), litres('grey')];
  const used = fresh.reduce((sum, { holds, level }) => sum + holds * level, 0);
  if (used === 0) return [view];
  const empty = fresh.map(({ body, tank }) => ({ body, tank, fraction: 0 }));
  let rest = used;
  const kept = grey.map(({ body, tank, holds, level }) => {
    const more = Math.min(rest, holds * (1 - level));
    rest -= more;
    return { body, tank, fraction: holds === 0 ? level : level + more / holds };
  });
  const drained = grey.map(({ body, tank }) => ({ body, tank, fraction: 0 }));
  const at = (levels: typeof empty): RigView => ({
    ...view,
    loadout: { ...view.loadout, tankLevels: levelledAnew(view.loadout.tankLevels, levels) },
  });
  return [view, at([...empty, ...kept]), ...(grey.length > 0 ? [at([...empty, ...drained])] : [])];
}
