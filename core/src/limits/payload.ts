import type { LoadOrigin, Side } from '../statics/pointLoad.ts';
import { platedLimit } from '../rig/plated.ts';
import { isMotorCaravan } from '../rig/body.ts';
import type { Compiled } from '../loads/compile.ts';
import { payloadOrigins, type PayloadPart } from '../loading/payloadOrigins.ts';

/** What becomes of a body's allowance, kg. null where something needed is unknown. */
export interface Payload {
  readonly side: Side;
  readonly max: number | null;
  /** The body alone, after the basis of its empty figure has been taken apart. */
  readonly bare: number | null;
  readonly parts: Readonly<Record<Exclude<PayloadPart, 'bare'>, number>>;
  /** A slide-on camper with all that is in it; 0 without one. */
  readonly camper: number;
  /** The trailer's load on the vehicle's coupling; 0 for a trailer and for a vehicle alone. */
  readonly ballLoad: number | null;
  readonly left: number | null;
  /** ± that a maker may be off with a published running-order mass; null for weighed and other figures. */
  readonly tolerance: number | null;
}

/** Production tolerance makers state on a running-order figure: special-purpose vehicles, and others. Medium confidence. */
const livedTolerance = 0.05;
const plainTolerance = 0.03;

/** What may still be put on a body, given what is on: its maximum less everything, the ball load included. */
export function payload(compiled: Compiled, side: Side): Payload | null {
  const body = compiled.view[side];
  if (!body) return null;
  const max = platedLimit(compiled.view, side === 'vehicle' ? 'vehicleMax' : 'trailerMax', [body]).value;
  const resting = compiled.points.filter((load) => load.side === side);
  const own = resting.filter((load) => load.body === body.id);
  const carried = resting.reduce((sum, load) => (load.body === body.id ? sum : sum + load.mass), 0);
  const of = (part: PayloadPart) => {
    const origins: readonly LoadOrigin[] = payloadOrigins[part];
    return own.reduce((sum, load) => (origins.includes(load.origin) ? sum + load.mass : sum), 0);
  };
  const total = compiled.values[side === 'vehicle' ? 'vehicleTotal' : 'trailerTotal'];
  const ball = compiled.values.ballLoadTowed;
  return {
    side,
    max,
    bare: compiled.massMissing[side].length > 0 ? null : of('bare'),
    parts: { fitted: of('fitted'), crew: of('crew'), tank: of('tank'), thing: of('thing') },
    camper: carried,
    ballLoad: side === 'trailer' || ball.kind === 'absent' ? 0 : ball.kind === 'known' ? ball.value : null,
    left: max !== null && total.kind === 'known' ? max - total.value : null,
    tolerance: toleranceOf(compiled, side),
  };
}

function toleranceOf(compiled: Compiled, side: Side): number | null {
  const body = compiled.view[side];
  const empty = body?.emptyMass;
  if (!body || !empty || !empty.basis.startsWith('running-order')) return null;
  const figure = empty.total ?? ('frontAxle' in empty ? (empty.frontAxle ?? 0) + (empty.rearAxle ?? 0) : 0);
  const lived = body.kind === 'trailer' || isMotorCaravan(body);
  return figure * (lived ? livedTolerance : plainTolerance);
}
