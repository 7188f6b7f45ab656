import type { Compiled } from '../loads/compile.ts';
import type { Shift } from '../limits/limitLine.ts';

/**
 * The owner's own load pattern: the things on board, each where it lies. More of the same is what "carrying more" is measured
 * by. A thing nobody has given a place is left out; with nothing on board there is no pattern.
 */
export const loadPattern = ({ points }: Pick<Compiled, 'points'>): readonly Shift[] =>
  points.flatMap(({ origin, side, body, place, x, mass }) =>
    origin === 'thing' && x !== null && mass > 0 ? [{ side, body, place, x, mass }] : [],
  );
