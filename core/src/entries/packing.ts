export { highsSolver } from '../packing/highsSolver.ts';
export { pack, packed, type Packing, type PackingAnswer } from '../packing/pack.ts';
export type { PackingMove } from '../packing/packingMoves.ts';
