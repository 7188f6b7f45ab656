import type { LoadOrigin, Side } from '../statics/pointLoad.ts';
import { platedLimit } from '../rig/plated.ts';
import { isMotorCaravan } from '../rig/body.ts';
import type { Compiled } from '../loads/compile.ts';
import { publishedPayload } from '../loading/payloadFigures.ts';
import type { RigView } from '../loading/rigView.ts';
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
  /** What a scale found beside all that is listed, either sign; 0 where no scale has a part in the total, or where the list has gaps. */
  readonly unlisted: number;
  readonly left: number | null;
  /** What the papers alone would leave, by the published figure and by what it may be off; null for weighed and other figures. */
  readonly published: PublishedPayload | null;
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
  const pressed = side === 'trailer' || ball.kind === 'absent' ? 0 : ball.kind === 'known' ? ball.value : null;
  const whole = compiled.from === 'state' && compiled.massMissing[side].length === 0 && pressed !== null;
  const listed = resting.reduce((sum, load) => sum + load.mass, pressed ?? 0);
  return {
    side,
    max,
    bare: compiled.bodies[body.id]?.missing.length === 0 ? of('bare') : null,
    parts: { fitted: of('fitted'), crew: of('crew'), tank: of('tank'), thing: of('thing') },
    camper: carried,
    ballLoad: pressed,
    unlisted: whole && total.kind === 'known' ? total.value - listed : 0,
    left: max !== null && total.kind === 'known' ? max - total.value : null,
    published: publishedOn(compiled.view, side),
  };
}

/** A payload from papers, kg. */
interface PublishedPayload {
  /** ± by which a maker may be off with the empty figure. */
  readonly tolerance: number;
  /** What it leaves of the maximum, and what the tolerance makes of that; null where the maximum is not known. */
  readonly range: ReturnType<typeof publishedPayload> | null;
}

/**
 * What a published running-order figure leaves of the maximum, with its range: until a weighing replaces it, a payload is no
 * better known than that. null for other bases, and where the figure is not known.
 */
export function publishedOn(view: RigView, side: Side): PublishedPayload | null {
  const body = view[side];
  const empty = body?.emptyMass;
  if (!body || !empty?.basis.startsWith('running-order')) return null;
  const axles = 'frontAxle' in empty ? sumKnown(empty.frontAxle, empty.rearAxle) : null;
  const figure = empty.total ?? axles;
  const max = platedLimit(view, side === 'vehicle' ? 'vehicleMax' : 'trailerMax', [body]).value;
  if (figure === null) return null;
  const share = body.kind === 'trailer' || isMotorCaravan(body) ? livedTolerance : plainTolerance;
  return { tolerance: figure * share, range: max === null ? null : publishedPayload(max, figure, share) };
}

/** A sum of which a part is unknown is unknown. */
const sumKnown = (a: number | undefined, b: number | undefined): number | null =>
  a === undefined || b === undefined ? null : a + b;
