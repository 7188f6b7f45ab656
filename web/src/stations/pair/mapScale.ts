import { plainEdges, seam, type Envelope, type Pair, type Polygon } from '@wagonomos/core/pairing';

/** What of a map is in sight, kg. */
export interface Extent {
  readonly mass: number;
  readonly leastLoad: number;
  readonly mostLoad: number;
}

/** Room beyond the farthest corner, so that a limit is seen to end something. */
const beyond = 1.1;
/** kg: a map is never smaller. */
const leastExtent = { mass: 800, load: 150 };

/** All corners that a limit makes, and these points, with some room around; where nothing known ends it, a little more than that. */
export function extentOf(pieces: readonly Polygon[], points: readonly Pair[], leastLoad: number): Extent {
  const real = pieces.flatMap((piece) =>
    piece.filter((corner, at) => {
      const before = piece[(at + piece.length - 1) % piece.length];
      return corner.edge !== plainEdges.open && before?.edge !== plainEdges.open;
    }),
  );
  const all = [...real, ...points];
  const most = (of: (one: Pair) => number, least: number) => beyond * Math.max(least, ...all.map(of));
  return {
    mass: most(({ trailerMass }) => trailerMass, leastExtent.mass),
    leastLoad,
    mostLoad: leastLoad + most(({ load }) => load - leastLoad, leastExtent.load),
  };
}

/** One edge of the region that a limit makes. */
export interface NamedEdge {
  /** The number it has on the map and in the list. */
  readonly number: number;
  readonly id: string;
  readonly lines: readonly { readonly from: Pair; readonly to: Pair }[];
}

/** The edges by their limits, as one comes past them; a limit with several pieces of edge is one. */
export function namedEdges({ pieces }: Envelope): readonly NamedEdge[] {
  const found = new Map<string, NamedEdge['lines'][number][]>();
  for (const piece of pieces) {
    piece.forEach((corner, at) => {
      const next = piece[(at + 1) % piece.length];
      const plain: readonly string[] = [...Object.values(plainEdges), seam];
      if (!next || plain.includes(corner.edge)) return;
      found.set(corner.edge, [...(found.get(corner.edge) ?? []), { from: corner, to: next }]);
    });
  }
  return [...found].map(([id, lines], at) => ({ number: at + 1, id, lines }));
}
