import { lengthDoubts, type LengthDoubt } from '../loading/lengthDoubts.ts';
import type { KeptSlip, RigView } from '../loading/rigView.ts';
import { withTypical } from '../loading/typical.ts';
import type { Vehicle } from '../rig/body.ts';

/** The name under which a length is a doubt of a load. */
export const lengthSource = ({ length, body }: Pick<LengthDoubt, 'length' | 'body'>): string =>
  `length ${length} ${body}`;

/** The lengths that a weighed rig leans on and that are not known exactly; what is said of a ball load is no length. */
export const doubtfulLengths = (view: RigView): readonly LengthDoubt[] =>
  lengthDoubts(view).filter(({ length }) => length !== 'saidBallLoad' && length !== 'saidBallShare');

/**
 * The rig with one of its lengths longer by one standard deviation, now and when it stood on the scale: what its readings say of its
 * bodies, and how they are put together, leans on it alike.
 */
export function longerByDoubt(view: RigView, doubt: LengthDoubt): RigView {
  const slips = view.slips?.map(({ ticket, then }): KeptSlip => ({ ticket, then: longer(withTypical(then), doubt) }));
  return { ...longer(view, doubt), slips };
}

function longer(view: RigView, { length, body, sigma }: LengthDoubt): RigView {
  const { vehicle, trailer } = view;
  if (trailer?.id === body && length === 'axlePosition') {
    const { axlePosition } = trailer.geometry;
    if (axlePosition === undefined) return view;
    return { ...view, trailer: { ...trailer, geometry: { ...trailer.geometry, axlePosition: axlePosition + sigma } } };
  }
  if (vehicle?.id !== body) return view;
  return { ...view, vehicle: { ...vehicle, geometry: stretched(vehicle.geometry, view, length, sigma) } };
}

function stretched(
  geometry: Vehicle['geometry'],
  { trailer }: RigView,
  length: LengthDoubt['length'],
  by: number,
): Vehicle['geometry'] {
  const plus = (value: number | undefined) => (value === undefined ? undefined : value + by);
  if (length === 'wheelbase') return { ...geometry, wheelbase: plus(geometry.wheelbase) };
  if (length === 'tagOffset') {
    const { tagAxle } = geometry;
    return { ...geometry, tagAxle: tagAxle && { ...tagAxle, offset: tagAxle.offset + by } };
  }
  if (length !== 'couplingOverhang') return geometry;
  return trailer?.coupling === 'fifthWheel'
    ? { ...geometry, pinOverhang: plus(geometry.pinOverhang) }
    : { ...geometry, couplingOverhang: plus(geometry.couplingOverhang) };
}
