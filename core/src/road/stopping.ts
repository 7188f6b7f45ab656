import { levelledAnew } from '../loading/loadoutChanges.ts';
import type { RigView } from '../loading/rigView.ts';
import type { StopChange } from './roadEvent.ts';

/**
 * The rig after a stop: tanks set, things and people come and gone, the trailer left or fetched, another place. What is left that was
 * not aboard changes nothing.
 * @param home the rig as it set out: the trailer that is fetched is its own
 */
export function stopping(
  view: RigView,
  { set = [], bring = [], leave = [], join = [], part = [], trailer, where }: StopChange,
  home: RigView,
): RigView {
  const { loadout } = view;
  const gone = new Set(leave);
  const things =
    bring.length === 0
      ? view.things
      : new Map([...view.things, ...bring.map(({ thing }) => [thing.id, thing] as const)]);
  const placements = [
    ...loadout.placements.filter(({ thing }) => !gone.has(thing)),
    ...bring.map(({ placement }) => placement),
  ];
  const crew = [...loadout.crew.filter(({ id }) => !part.includes(id)), ...join];
  const tankLevels = levelledAnew(loadout.tankLevels, set);
  const stood = { ...view, things, loadout: { ...loadout, placements, crew, tankLevels } };
  return hitched(
    where ? { ...stood, situation: { ...stood.situation, through: undefined, ...where } } : stood,
    trailer,
    home,
  );
}

function hitched(view: RigView, trailer: StopChange['trailer'], home: RigView): RigView {
  if (trailer === undefined) return view;
  const behind = trailer === 'fetched' ? home : { rig: { ...home.rig, trailer: undefined }, trailer: undefined };
  return { ...view, trailer: behind.trailer, rig: { ...view.rig, trailer: behind.rig.trailer } };
}
