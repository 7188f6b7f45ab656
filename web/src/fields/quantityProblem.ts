import type { QuantityProblem } from '@wagonomos/core';

/** Key and named values of the words for what could not be read. */
export function quantityProblemMessage(problem: QuantityProblem): [string, Record<string, string>] {
  const key = `app.quantity.${problem.code}`;
  switch (problem.code) {
    case 'ambiguousNumber':
      return [key, { text: problem.text, one: problem.readings?.[0] ?? '', other: problem.readings?.[1] ?? '' }];
    case 'badNumber':
    case 'badCharacter':
    case 'unknownUnit':
    case 'ambiguousUnit':
    case 'unexpected':
      return [key, { text: problem.text }];
    case 'empty':
    case 'unfinished':
    case 'notFinite':
    case 'dividesByZero':
    case 'mixedUnits':
    case 'notOneDimension':
      return [key, {}];
  }
}
