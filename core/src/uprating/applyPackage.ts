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
 * on the part's plate. A downrate raises nothing. Where nobody has stated the limit, a change by so much changes nothing.
 */
export function applyPackage(view: RigView, one: UpratePackage): RigView {
  const body = view[one.of];
  if (!body) return view;
  return { ...view, [one.of]: withMass(withGear(withLimits(body, one), one), one) };
}

/** The rig with several packages on it, one after the other. */
export const applyPackages = (view: RigView, all: readonly UpratePackage[]): RigView => all.reduce(applyPackage, view);

/** Parts without a place of their own sit at the axle they are for: the rear axle, or the trailer's. */
export const placePackages = (view: RigView, all: readonly UpratePackage[]): readonly UpratePackage[] =>
  all.map((one) => placePackage(view, one));

/** One package with its parts placed, m on its body; where that length is not known they stay without a place. */
export function placePackage(view: RigView, one: UpratePackage): UpratePackage {
  const at = one.of === 'vehicle' ? view.vehicle?.geometry.wheelbase : view.trailer?.geometry.axlePosition;
  return at === undefined ? one : { ...one, adds: one.adds.map((part) => ({ x: at, ...part })) };
}

function withLimits<Kind extends Body>(body: Kind, { kind, limits }: UpratePackage): Kind {
  const plates = body.plates.map((plate): Plate => ({
    ...plate,
    figures: plate.figures.map((figure): Figure => {
      const change = limits.find(
        ({ limit, part }) =>
          limit === figure.limit && (part ? plate.source === part : bodyPlates.includes(plate.source)),
      );
      if (!change) return figure;
      const wanted = change.to ?? figure.value + (change.by ?? 0);
      const value = kind === 'downrate' ? Math.min(figure.value, wanted) : wanted;
      return { ...figure, value: Math.max(0, value) };
    }),
  }));
  return { ...body, plates };
}

/** New tyres, wheels or springs where somebody has described the old ones; where nobody has, they limit nothing. */
function withGear<Kind extends Body>(body: Kind, { gear: changes }: UpratePackage): Kind {
  if (!changes || body.kind === 'camper' || !body.gear) return body;
  const gear = body.gear.map((one) => ({ ...one, ...changes.find(({ axle }) => axle === one.axle) }));
  return { ...body, gear };
}

function withMass<Kind extends Body>(body: Kind, { id, name, adds }: UpratePackage): Kind {
  if (adds.length === 0) return body;
  const fitted = adds.map((on, at) => ({ id: `${id}-${at}`, name, on, inEmptyMass: 'no' as const }));
  return { ...body, fitted: [...body.fitted, ...fitted] };
}
