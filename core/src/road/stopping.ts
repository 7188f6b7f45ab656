import type { RigView } from '../loading/rigView.ts';
import type { StopChange } from './roadEvent.ts';
import { levelsOf, withLevels, withLitres } from './tanks.ts';

/** The rig after a stop: tanks set, things and people come and gone. What is left that was not aboard changes nothing. */
export function stopping(
  view: RigView,
  { set = [], bring = [], leave = [], join = [], part = [] }: StopChange,
): RigView {
  const { loadout } = view;
  const gone = new Set(leave);
  const things = new Map([...view.things, ...bring.map(({ thing }) => [thing.id, thing] as const)]);
  const placements = [
    ...loadout.placements.filter(({ thing }) => !gone.has(thing)),
    ...bring.map(({ placement }) => placement),
  ];
  const crew = [...loadout.crew.filter(({ id }) => !part.includes(id)), ...join];
  const stood = { ...view, things, loadout: { ...loadout, placements, crew } };
  return set.length === 0
    ? stood
    : withLevels(
        stood,
        set.reduce((levels, { litres, ...of }) => withLitres(levels, of, litres), levelsOf(stood)),
      );
}
