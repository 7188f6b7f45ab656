import { ballLoadFromJockey, ballLoadFromPlank } from '../statics/ballScales.ts';
import { readingSigma } from '../loading/ticket.ts';

/** Ways to weigh the nose at home, and an axle on two pads. */
export const homeMethods = ['prop', 'ballScale', 'jockey', 'plank', 'pads'] as const;
export type HomeMethod = (typeof homeMethods)[number];

/** What was read and measured. kg, m. */
export interface HomeReading {
  readonly reading?: number | undefined;
  /** Steps of the scale. */
  readonly graduation: number;
  /** Most the scale may carry; left out: nobody looked. */
  readonly rating?: number | undefined;
  /** Scale alone with what stands on it: the prop, or the plank. */
  readonly alone?: number | undefined;
  /** Coupling to the jockey wheel, and to the axles. */
  readonly jockey?: number | undefined;
  readonly axles?: number | undefined;
  /** Far support to where the coupling rests, and from there on to the scale. */
  readonly near?: number | undefined;
  readonly beyond?: number | undefined;
  /** Pads under the two ends of one axle. */
  readonly left?: number | undefined;
  readonly right?: number | undefined;
}
type HomeInput = Exclude<keyof HomeReading, 'graduation' | 'rating'>;

export type HomeResult =
  /** On the coupling; of the pads, on the axle. */
  | { readonly kind: 'load'; readonly load: number; readonly sigma: number; readonly beyondRating: boolean }
  | { readonly kind: 'missing'; readonly what: readonly HomeInput[] }
  /** The jockey wheel stands at or behind the axles, or a lever has no length: no load follows. */
  | { readonly kind: 'impossible' };

/** What each method has to be told. */
export const homeInputs: Readonly<Record<HomeMethod, readonly HomeInput[]>> = {
  prop: ['reading', 'alone'],
  ballScale: ['reading'],
  jockey: ['reading', 'jockey', 'axles'],
  plank: ['reading', 'alone', 'near', 'beyond'],
  pads: ['left', 'right'],
};

/** A tape measure on a drive, one standard deviation, m. */
const tape = 0.01;

/**
 * The load at the coupling from a home method, with one standard deviation: the scale's own, through the lever, and a tape's
 * on every length, first order.
 */
export function homeBallLoad(method: HomeMethod, given: HomeReading): HomeResult {
  const what = homeInputs[method].filter((name) => given[name] === undefined);
  if (what.length > 0) return { kind: 'missing', what };
  const { alone = 0, jockey = 0, axles = 0, near = 0, beyond = 0, left = 0, right = 0, graduation, rating } = given;
  const { reading = Math.max(left, right) } = given;
  const read = readingSigma(reading, graduation);
  const beyondRating = rating !== undefined && reading > rating;
  if (method === 'pads') {
    return { kind: 'load', load: left + right, sigma: Math.SQRT2 * read, beyondRating };
  }
  const load = (found: number, ...parts: readonly number[]): HomeResult => ({
    kind: 'load',
    load: found,
    sigma: Math.hypot(...parts),
    beyondRating,
  });
  if (method === 'jockey') {
    if (axles <= jockey || axles <= 0) return { kind: 'impossible' };
    const lever = (axles - jockey) / axles;
    return load(
      ballLoadFromJockey(reading, jockey, axles),
      lever * read,
      (reading / axles) * tape,
      ((reading * jockey) / axles ** 2) * tape,
    );
  }
  if (method === 'plank') {
    if (near <= 0 || beyond < 0) return { kind: 'impossible' };
    const net = reading - alone;
    return load(
      ballLoadFromPlank(reading, alone, near, beyond),
      ((near + beyond) / near) * read * Math.SQRT2,
      ((net * beyond) / near ** 2) * tape,
      (net / near) * tape,
    );
  }
  return method === 'prop' ? load(reading - alone, read, read) : load(reading, read);
}
