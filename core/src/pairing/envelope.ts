import { binds, comparesLoad, type Check } from '../checks/check.ts';
import { leftOf, limitLine, type Bound } from '../limits/limitLine.ts';
import type { RigView } from '../loading/rigView.ts';
import { assess } from '../verdict/assess.ts';
import { anyTrailer, pairedView } from './pairedView.ts';
import { clipAll, open, rectangle, type HalfPlane, type Pair, type Polygon } from './polygon.ts';

/** What is asked: with which share of the trailer on the ball, and where in the car a load is put. */
export interface EnvelopeWish {
  /** 0 to 1. */
  readonly ballShare: number;
  /** ± of the share; every limit it moves is kept at both ends of it. */
  readonly plusMinus: number;
  /** m behind the front axle; null where nobody knows: what depends on it is left open. */
  readonly x: number | null;
  /** The place the load goes to, whose own rating counts; left out: some spot of the car itself. */
  readonly place?: { readonly body: string; readonly place: string } | undefined;
  /** kg; below 0: so much can be taken out there. */
  readonly leastLoad: number;
}

/** Edges that no limit makes: no trailer at all, nothing more (to be taken out), and where no limit that is known ends it. */
export const plainEdges = { noTrailer: 'noTrailer', noLoad: 'noLoad', open } as const;

/** The pairs of trailer mass and load in the car that every limit leaves. */
export interface Envelope {
  /** One convex piece as a rule; none where no pair keeps all limits. */
  readonly pieces: readonly Polygon[];
  /** The same with the share on the ball anywhere within its ±. */
  readonly certain: readonly Polygon[];
  /** The limits by the ids of the edges. */
  readonly checks: ReadonlyMap<string, Check>;
  readonly planes: readonly HalfPlane[];
  /** Limits that are passed whatever the trailer weighs and whatever is put there: they are no edge. */
  readonly apart: readonly Check[];
  /** Limits that would be an edge, but for something nobody has said. */
  readonly open: readonly Check[];
  /** The corner with most trailer and load together; null where that is open, or nothing is left. */
  readonly carriesMost: Pair | null;
}

/** kg: further out nobody looks. */
const farOut: Pair = { trailerMass: 12_000, load: 6000 };
/** kg in the hypothetical trailer that the limits are read at; every one of them is linear, so any mass would do. */
const readAt = 1000;
/** kg per kg: less effect than this is the dust of floating point, and so is less room than this, kg. */
const noEffect = 1e-7;
const dusted = (value: number): number => (Math.abs(value) < noEffect ? 0 : value);

/**
 * The region that all limits leave a car and any trailer behind it, over the trailer's mass and a load put at one spot of the
 * car. Every check of the rulebook is linear in both once the load on the ball is a share of the trailer. null: no vehicle.
 */
export function envelope(view: RigView, wish: EnvelopeWish): Envelope | null {
  if (!view.vehicle) return null;
  const { ballShare, plusMinus } = wish;
  const own = planesAt(view, wish, ballShare);
  const whole = rectangle({ trailerMass: 0, load: wish.leastLoad }, farOut, {
    leastLoad: plainEdges.noLoad,
    mostMass: plainEdges.open,
    mostLoad: plainEdges.open,
    leastMass: plainEdges.noTrailer,
  });
  const pieces = clipAll(whole, own.planes);
  const shares = plusMinus > 0 ? [ballShare - plusMinus, ballShare + plusMinus] : [];
  const doubtful = shares.flatMap((share) => planesAt(view, wish, Math.min(1, Math.max(0, share))).planes);
  return {
    pieces,
    certain: doubtful.length === 0 ? pieces : clipAll(whole, [...own.planes, ...doubtful]),
    ...own,
    carriesMost: carryingMost(pieces),
  };
}

function carryingMost(pieces: readonly Polygon[]): Pair | null {
  const corners = pieces.flatMap((piece) =>
    piece.map((corner, at) => ({ ...corner, before: piece[(at + piece.length - 1) % piece.length]?.edge })),
  );
  let best: (typeof corners)[number] | null = null;
  for (const corner of corners) {
    if (best === null || corner.trailerMass + corner.load > best.trailerMass + best.load + 1e-9) best = corner;
  }
  if (!best || best.edge === plainEdges.open || best.before === plainEdges.open) return null;
  return { trailerMass: best.trailerMass, load: best.load };
}

function planesAt(
  view: RigView,
  wish: EnvelopeWish,
  ballShare: number,
): Pick<Envelope, 'planes' | 'checks' | 'apart' | 'open'> {
  const { checks } = assess(pairedView(view, { trailerMass: readAt, ballShare }));
  const planes: HalfPlane[] = [];
  const named = new Map<string, Check>();
  const apart: Check[] = [];
  const undecided: Check[] = [];
  for (const check of checks) {
    if (!binds(check) || !comparesLoad(check) || check.status === 'notApplicable') continue;
    const plane = planeOf(check, view, wish);
    if (plane === open) {
      // What nobody can know of a trailer that is not there is no question.
      if (!isOfAnyTrailer(check)) undecided.push(check);
    } else if (plane === 'apart') apart.push(check);
    else if (plane) {
      planes.push(plane);
      named.set(plane.id, check);
    }
  }
  return { planes, checks: named, apart, open: undecided };
}

const isOfAnyTrailer = ({ missing }: Check): boolean =>
  missing.length > 0 && missing.every(({ body }) => body === anyTrailer.id);

/** A check as a half of the plane; null: neither mass changes it and it is kept. */
function planeOf(check: Check, view: RigView, wish: EnvelopeWish): HalfPlane | 'open' | 'apart' | null {
  const { use, either, place } = check;
  const load = { side: 'vehicle', body: view.vehicle?.id, ...wish.place, x: wish.x ?? 0, mass: 1 } as const;
  const line = limitLine(check, [[{ side: 'trailer', x: 0, mass: 1 }], [load]]);
  if (!line) return place ? null : 'open';
  const leans = [use, either?.use].some((row) => row && Math.abs(row.vehicle.perMetre) > noEffect);
  if (wish.x === null && leans) return 'open';
  const [own, ...others] = line.bounds.map(({ margin, loss }): Bound => {
    const [perTrailerKg = 0, perLoadKg = 0] = loss.map(dusted);
    return { margin: dusted(margin + perTrailerKg * readAt), loss: [perTrailerKg, perLoadKg] };
  });
  if (!own || [own, ...others].every(({ loss }) => loss.every((each) => each === 0)))
    return leftOf(line, []) < 0 ? 'apart' : null;
  return { id: check.id, bounds: [own, ...others] };
}

/** What each limit leaves at a pair, least first: above 0 within, below 0 passed. */
export const marginsAt = (
  { planes, checks }: Envelope,
  pair: Pair,
): readonly { readonly check: Check; readonly margin: number }[] =>
  planes
    .flatMap((plane) => {
      const check = checks.get(plane.id);
      return check ? [{ check, margin: leftOf(plane, [pair.trailerMass, pair.load]) }] : [];
    })
    .sort((a, b) => a.margin - b.margin);
