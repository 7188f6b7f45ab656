import { message, type Message } from '../messages/message.ts';
import type { Body } from '../rig/body.ts';
import type { Place } from '../rig/equipment.ts';
import { placeSets, type PlaceSet, type SetPlace } from './placeSets.data.ts';

/** The sets that suit a body, the likeliest first. */
export function placeSetsFor(body: Body): readonly PlaceSet[] {
  const suit = placeSets.filter(
    (set) => set.body === body.kind && (body.kind !== 'vehicle' || (set.builds?.includes(body.build) ?? true)),
  );
  const likely = (set: PlaceSet) => body.kind === 'trailer' && set.axles === Math.min(2, body.geometry.axles);
  return [...suit].sort((a, b) => Number(likely(b)) - Number(likely(a)));
}

/** Usual widths, m, where nobody has measured: only for the sketch, and only how far apart left and right lie. */
const usualWidth = { vehicle: 1.9, trailer: 2.3, camper: 2.1 } as const;

interface Frame {
  /** Where the body begins, and how long it is, m on its own axis. */
  readonly start: number;
  readonly length: number;
  readonly axle: number | undefined;
}

export type SetLength = 'wheelbase' | 'rearOverhang' | 'frontOverhang' | 'drawbarLength' | 'bodyLength' | 'floorLength';

/**
 * The places of a set, scaled to the owner's measures.
 * @returns the lengths that must be known first, where any is missing
 */
export function placesOfSet(
  set: PlaceSet,
  body: Body,
  tools: { readonly newId: () => string; readonly word: (message: Message) => string },
): { readonly places: readonly Place[] } | { readonly missing: readonly SetLength[] } {
  const frame = frameOf(body);
  if ('missing' in frame) return frame;
  const width = body.geometry.width ?? usualWidth[body.kind];
  return {
    places: set.places.map((one) => ({
      id: tools.newId(),
      name: tools.word(message(`starter.${one.name}`)),
      kind: one.kind,
      ...along(one, frame),
      z: one.z,
      height: one.height,
      y: centimetres(((one.side ?? 0) * width) / 2),
      width: centimetres((one.across ?? 0.95) * width),
    })),
  };
}

function along(one: SetPlace, { start, length, axle }: Frame): Required<Pick<Place, 'x' | 'length'>> {
  const reach = (one.to - one.from) * length;
  const middle = one.overAxles && axle !== undefined ? axle : start + ((one.from + one.to) / 2) * length;
  return { x: centimetres(middle), length: centimetres(reach) };
}

function frameOf(body: Body): Frame | { readonly missing: readonly SetLength[] } {
  const known = (lengths: Partial<Record<SetLength, number | undefined>>): readonly SetLength[] =>
    (Object.keys(lengths) as SetLength[]).filter((name) => lengths[name] === undefined);
  if (body.kind === 'trailer') {
    const { drawbarLength, bodyLength, axlePosition: axle } = body.geometry;
    const missing = known({ drawbarLength, bodyLength });
    return missing.length > 0 ? { missing } : { start: drawbarLength ?? 0, length: bodyLength ?? 0, axle };
  }
  if (body.kind === 'camper') {
    const { floorLength } = body.geometry;
    const missing = known({ floorLength });
    return missing.length > 0 ? { missing } : { start: 0, length: floorLength ?? 0, axle: undefined };
  }
  const { wheelbase, frontOverhang, rearOverhang, tagAxle } = body.geometry;
  const missing = known({ wheelbase, frontOverhang, rearOverhang });
  if (missing.length > 0) return { missing };
  const start = -(frontOverhang ?? 0);
  const length = (wheelbase ?? 0) + (tagAxle?.offset ?? 0) + (rearOverhang ?? 0) - start;
  return { start, length, axle: wheelbase };
}

const centimetres = (metres: number): number => Math.round(metres * 100) / 100;
