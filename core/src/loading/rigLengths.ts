import type { RigLengths } from '../statics/rigRows.ts';
import type { RigView } from './rigView.ts';
import { saidBall } from './said.ts';

/**
 * The lengths the rows need, out of what the owner measured. A trailer on a fifth wheel is coupled at the pin; one on a
 * ball behind whatever extends the hitch, and only there can a distribution hitch work.
 */
export function rigLengths(view: RigView): RigLengths {
  const { rig, vehicle, trailer } = view;
  const said = saidBall(view);
  const geometry = vehicle?.geometry;
  const onPin = trailer?.coupling === 'fifthWheel';
  const ball = geometry?.couplingOverhang;
  return {
    vehicle: geometry && {
      wheelbase: geometry.wheelbase,
      couplingOverhang: onPin ? geometry.pinOverhang : ball === undefined ? undefined : ball + extensionOf(rig.hitch),
      tagAxle: geometry.tagAxle,
    },
    trailer: trailer && { axlePosition: trailer.geometry.axlePosition, ...(said ? { said } : {}) },
    distribution: trailer && !onPin && vehicle ? rig.hitch?.distribution : undefined,
  };
}

const extensionOf = (hitch: RigView['rig']['hitch']): number => hitch?.extension ?? 0;
