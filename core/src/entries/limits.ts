/**
 * What the parts of a rig bear, and what more may be put on it: payload, room at a place, chains of parts, tyres, findings
 * about the plates, and the preview of every place while something is carried.
 */
export { chains, type Chain, type ChainPart } from '../limits/chains.ts';
export { findings } from '../limits/findings.ts';
export { hitchMoment } from '../limits/hitchMoment.ts';
export { payload, publishedOn, type Payload } from '../limits/payload.ts';
export { placePreviews, type PlacePreview } from '../limits/placePreview.ts';
export { plateQuestions } from '../limits/questions.ts';
export type { LoadMove } from '../limits/loadMoves.ts';
export { roomAt } from '../limits/roomAt.ts';
export { roomInPlaces, type PlaceRoom } from '../limits/roomInPlaces.ts';
export { tyreCapacity } from '../limits/tyreCapacity.ts';
export { tyrePressure } from '../limits/tyrePressure.ts';
