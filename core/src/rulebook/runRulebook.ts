import type { Compiled } from '../loading/compile.ts';
import { ballChecks } from './ballChecks.ts';
import type { Check } from './check.ts';
import { frontShareCheck } from './frontShareCheck.ts';
import { plainChecks } from './limitChecks.ts';
import { placeChecks } from './placeChecks.ts';

/** Every check of the rig in its situation. Missing data gives `unknown`, never an exception. */
export const runRulebook = (compiled: Compiled): readonly Check[] => [
  ...plainChecks(compiled),
  ...ballChecks(compiled),
  ...frontShareCheck(compiled),
  ...placeChecks(compiled),
];
