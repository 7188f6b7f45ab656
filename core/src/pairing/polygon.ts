import { leftOfBound, type Bound, type LimitLine } from '../limits/limitLine.ts';

/** A trailer's mass and a load put in the car, both kg. */
export interface Pair {
  readonly trailerMass: number;
  readonly load: number;
}

/** What one limit leaves, in kg of trailer and kg of load; where either of two bounds is enough, both. */
export interface HalfPlane extends LimitLine {
  readonly id: string;
}

/** A corner of a region, and the edge that leaves it: by the id of its limit. */
interface Corner extends Pair {
  readonly edge: string;
}

/** A convex region, corner after corner; empty where nothing is left. */
export type Polygon = readonly Corner[];

/** kg of margin that a bound leaves at a pair; negative: it is passed. */
const leftBy = (bound: Bound, { trailerMass, load }: Pair): number => leftOfBound(bound, [trailerMass, load]);

/** kg: corners nearer to each other than this are one. */
const oneSpot = 1e-7;

/**
 * The part of a convex polygon that keeps one bound, its new edge named `id` (Sutherland and Hodgman, for one line). An edge of
 * no length is left out, so that every corner lies on two edges.
 */
function clip(polygon: Polygon, bound: Bound, id: string): Polygon {
  const cut: Corner[] = [];
  polygon.forEach((corner, at) => {
    const next = polygon[(at + 1) % polygon.length];
    if (!next) return;
    const [here, there] = [leftBy(bound, corner), leftBy(bound, next)];
    const between = (edge: string): Corner => {
      const share = here / (here - there);
      return {
        trailerMass: corner.trailerMass + share * (next.trailerMass - corner.trailerMass),
        load: corner.load + share * (next.load - corner.load),
        edge,
      };
    };
    if (here >= 0) cut.push(corner);
    if (here >= 0 && there < 0) cut.push(between(id));
    if (here < 0 && there >= 0) cut.push(between(corner.edge));
  });
  return withoutShortEdges(cut);
}

function withoutShortEdges(polygon: Polygon): Polygon {
  const kept = polygon.filter((corner, at) => {
    const next = polygon[(at + 1) % polygon.length];
    return !next || Math.hypot(next.trailerMass - corner.trailerMass, next.load - corner.load) > oneSpot;
  });
  return kept.length < 3 ? [] : kept;
}

/** What all limits leave of a region: one piece, or several where a limit is kept by either of two bounds. */
export function clipAll(whole: Polygon, planes: readonly HalfPlane[]): readonly Polygon[] {
  let pieces: readonly Polygon[] = [whole];
  for (const plane of planes) {
    pieces = pieces.flatMap((piece) => {
      const [own, either] = plane.bounds;
      if (!either) return [clip(piece, own, plane.id)];
      const whole = [own, either].some((bound) => piece.every((corner) => leftBy(bound, corner) >= 0));
      return whole ? [piece] : eitherOf(piece, own, either, plane.id);
    });
    pieces = pieces.filter((piece) => piece.length > 0);
  }
  return pieces;
}

/** Where two pieces meet: nothing ends there. */
export const seam = 'seam';

/** What keeps the first bound, and what keeps the second where the first is passed; where the two meet, there is a seam. */
function eitherOf(piece: Polygon, first: Bound, second: Bound, id: string): readonly Polygon[] {
  const rest = clip(clip(piece, opposite(first), seam), second, id);
  const own = clip(piece, first, id).map((corner, at, all): Corner => {
    const next = all[(at + 1) % all.length] ?? corner;
    const middle = {
      trailerMass: (corner.trailerMass + next.trailerMass) / 2,
      load: (corner.load + next.load) / 2,
    };
    const isSeam = corner.edge === id && Math.abs(leftBy(first, middle)) < oneSpot && leftBy(second, middle) > oneSpot;
    return isSeam ? { ...corner, edge: seam } : corner;
  });
  return [own, rest];
}

const opposite = ({ margin, loss }: Bound): Bound => ({ margin: -margin, loss: loss.map((each) => -each) });

/**
 * The heaviest trailer with so much in the car, kg: where the region ends along that line. `open`: no limit that is known ends
 * it; null: with so much in the car no trailer at all.
 */
export function heaviestWith(pieces: readonly Polygon[], load: number): number | 'open' | null {
  let heaviest: { readonly mass: number; readonly edge: string } | null = null;
  for (const piece of pieces) {
    piece.forEach((corner, at) => {
      const next = piece[(at + 1) % piece.length] ?? corner;
      const [low, high] = [Math.min(corner.load, next.load), Math.max(corner.load, next.load)];
      if (load < low - oneSpot || load > high + oneSpot) return;
      // Along an edge the two that meet it say the same.
      if (high - low <= oneSpot) return;
      const share = (load - corner.load) / (next.load - corner.load);
      const mass = corner.trailerMass + share * (next.trailerMass - corner.trailerMass);
      if (heaviest === null || mass > heaviest.mass + oneSpot) heaviest = { mass, edge: corner.edge };
    });
  }
  const found = heaviest as { readonly mass: number; readonly edge: string } | null;
  return found && (found.edge === open ? open : found.mass);
}

/** The name of an edge that no known limit makes. */
export const open = 'open';

/** A rectangle from a least to a most of both; its sides by name. */
export const rectangle = (
  least: Pair,
  most: Pair,
  sides: {
    readonly leastLoad: string;
    readonly mostMass: string;
    readonly mostLoad: string;
    readonly leastMass: string;
  },
): Polygon => [
  { trailerMass: least.trailerMass, load: least.load, edge: sides.leastLoad },
  { trailerMass: most.trailerMass, load: least.load, edge: sides.mostMass },
  { trailerMass: most.trailerMass, load: most.load, edge: sides.mostLoad },
  { trailerMass: least.trailerMass, load: most.load, edge: sides.leastMass },
];
