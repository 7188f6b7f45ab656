import type { LengthDoubt } from '../loading/lengthDoubts.ts';
import type { Compiled } from '../loads/compile.ts';
import type { TypicalPart, Value } from '../loads/loads.ts';
import type { Missing } from '../rig/missing.ts';
import type { LengthEffect } from '../statics/pointLoad.ts';
import type { Row } from '../statics/row.ts';
import { keyOf } from './changes.ts';
import { sigmaOf, type Known } from './known.ts';
import { lengthSource } from './lengthsInState.ts';

/** What a doubt of a load is of: a length, or something that was taken as is usual. */
export interface Telling {
  readonly lengths: ReadonlyMap<string, LengthDoubt>;
  readonly typical: ReadonlyMap<string, Missing>;
}

/** What the doubts of a rig's loads are of. */
export function tellingOf({ view, points }: Compiled, doubts: readonly LengthDoubt[]): Telling {
  const typical = new Map([...(view.typical?.facts ?? [])].map(([key, missing]) => [`at ${key}`, missing]));
  for (const load of points) if (load.typical) typical.set(`${keyOf(load)} kg m`, load.typical);
  for (const doubt of doubts) if (doubt.typical) typical.set(lengthSource(doubt), doubt.typical);
  return { lengths: new Map(doubts.map((doubt) => [lengthSource(doubt), doubt])), typical };
}

/** kg: less is rounding. */
const worthCounting = 1e-6;

/** A tenth of a kilogram is no part of a load. */
const worthNaming = 0.1 ** 2;

/**
 * A known load as rules and screens ask for it.
 * @param beside kg of it that nobody listed and that may not be on board
 */
export function valueOf(known: Known, row: Row, tell: Telling, beside = 0): Value {
  const lengths = [...known.doubts].flatMap(([source, kg]): readonly LengthEffect[] => {
    const doubt = tell.lengths.get(source);
    return doubt ? [{ length: doubt.length, body: doubt.body, kg, typical: doubt.typical }] : [];
  });
  const typical = [...known.doubts].flatMap(([source, kg]): readonly TypicalPart[] => {
    const missing = tell.typical.get(source);
    return missing && kg ** 2 > worthNaming ? [{ missing, variance: kg ** 2 }] : [];
  });
  return {
    kind: 'known',
    value: known.value,
    sigma: sigmaOf(known),
    row,
    ...(lengths.length > 0 ? { lengths } : {}),
    ...(typical.length > 0 ? { typical: typical.sort((a, b) => b.variance - a.variance) } : {}),
    ...(known.contradicted ? { contradicted: true } : {}),
    ...(Math.abs(beside) > worthCounting
      ? { otherwise: { values: [known.value - beside], open: 'unlistedAboard' as const } }
      : {}),
    ...(known.unsure ? { open: 'loadState' as const } : {}),
  };
}
