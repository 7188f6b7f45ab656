import type { RigView } from '../loading/rigView.ts';

/** A rig with so many kg more at points along its trailer, m behind the coupling: a question, nothing that is kept. */
export function withMassAt(view: RigView, masses: readonly { readonly x: number; readonly mass: number }[]): RigView {
  const { trailer, loadout } = view;
  if (!trailer) return view;
  const named = masses.map((one, at) => ({ ...one, id: `asked-${at}` }));
  const places = named.map(({ id, x }) => ({ id, name: id, kind: 'floor' as const, x }));
  const things = named.map(({ id, mass }) => [id, { id, name: id, mass }] as const);
  const placements = named.map(({ id }) => ({ thing: id, count: 1, body: trailer.id, place: id }));
  return {
    ...view,
    trailer: { ...trailer, places: [...trailer.places, ...places] },
    things: new Map([...view.things, ...things]),
    loadout: { ...loadout, placements: [...loadout.placements, ...placements] },
  };
}
