import type { Body } from '@wagonomos/core';

/** Lengths that loads and the drawing are reckoned from, by the kind of body. */
export const neededLengths = {
  vehicle: ['wheelbase', 'couplingOverhang', 'pinOverhang', 'frontOverhang', 'rearOverhang'],
  trailer: ['axlePosition', 'drawbarLength', 'bodyLength', 'axleSpread'],
  camper: ['floorLength', 'overCab'],
} as const satisfies Readonly<Record<Body['kind'], readonly string[]>>;

/** Lengths that only some rule, some view or some scale asks for. */
export const furtherLengths = {
  vehicle: ['height', 'width', 'frontTrack', 'rearTrack'],
  trailer: ['jockeyPosition', 'height', 'width', 'track'],
  camper: ['height', 'width'],
} as const satisfies Readonly<Record<Body['kind'], readonly string[]>>;

export type Length = (typeof neededLengths)[Body['kind']][number] | (typeof furtherLengths)[Body['kind']][number];

/** What is known of a length of a body, m; undefined: nothing. */
export const knownLength = (body: Body, name: Length): number | undefined =>
  (body.geometry as Partial<Record<Length, number>>)[name];
