import type { RigView } from '../loading/rigView.ts';
import type { Body } from '../rig/body.ts';
import type { Figure, Plate } from '../rig/plate.ts';
import type { PlateSource } from '../rig/limitNames.ts';
import type { UpratePackage } from './upratePackage.ts';

/** Plates and papers that speak for a whole body; every other source speaks for a part of it. */
export const bodyPlates: readonly PlateSource[] = [
  'vehiclePlate',
  'caravanPlate',
  'registration',
  'handbook',
  'doorSticker',
  'certificate',
  'other',
];

/**
 * The rig with a package on it: its new limits in place of the old ones, its own mass on board. A limit of the body is set
 * on its plates and papers and leaves its parts as they are, so nothing rises above the weakest part; a part's limit is set
 * on the part's plate. Where nobody has stated the limit, a change by so much changes nothing.
 */
export function applyPackage(view: RigView, one: UpratePackage): RigView {
  const body = view[one.of];
  if (!body) return view;
  const changed = withMass(withLimits(body, one), one);
  return { ...view, [one.of]: changed };
}

export const applyPackages = (view: RigView, all: readonly UpratePackage[]): RigView => all.reduce(applyPackage, view);

function withLimits<Kind extends Body>(body: Kind, { limits }: UpratePackage): Kind {
  const plates = body.plates.map((plate): Plate => ({
    ...plate,
    figures: plate.figures.map((figure): Figure => {
      const change = limits.find(
        ({ limit, part }) =>
          limit === figure.limit && (part ? plate.source === part : bodyPlates.includes(plate.source)),
      );
      if (!change) return figure;
      const value = change.to ?? figure.value + (change.by ?? 0);
      return { ...figure, value: Math.max(0, value) };
    }),
  }));
  return { ...body, plates };
}

function withMass<Kind extends Body>(body: Kind, { id, name, adds }: UpratePackage): Kind {
  if (adds.length === 0) return body;
  const fitted = adds.map((on, at) => ({ id: `${id}-${at}`, name, on, inEmptyMass: 'no' as const }));
  return { ...body, fitted: [...body.fitted, ...fitted] };
}
