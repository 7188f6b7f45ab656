/** Which trailer behind which car: the region that all limits leave, and what a pair of masses in it leaves of each. */
export { envelope, marginsAt, plainEdges, type Envelope } from '../pairing/envelope.ts';
export { withAnyTrailer } from '../pairing/pairedView.ts';
export { pairingStart } from '../pairing/pairingStart.ts';
export { heaviestWith, seam, type Pair, type Polygon } from '../pairing/polygon.ts';
export { carNeeds, type Need } from '../pairing/carNeeds.ts';
export { rulesOfThumb, type Thumb } from '../pairing/rulesOfThumb.ts';
export { carsBefore, trailersBehind, type PairFit } from '../pairing/pairFit.ts';
export { plannedFamily, typicalFamily, type Family } from '../pairing/family.ts';
export { lookedAt, type LookedAt } from '../pairing/lookedAt.ts';
export { leftOutId, leftOuts, sights, walkStops, type LeftOut, type Sight, type WalkStop } from '../rig/offer.ts';
