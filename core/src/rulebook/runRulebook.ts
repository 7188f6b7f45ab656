import type { Compiled } from '../loading/compile.ts';
import { ballChecks } from './ballChecks.ts';
import { brakeChecks } from './brakeChecks.ts';
import { camperChecks } from './camperChecks.ts';
import type { Check } from './check.ts';
import { dValueCheck } from './dValueCheck.ts';
import { frontShareCheck } from './frontShareCheck.ts';
import { gearChecks } from './gearChecks.ts';
import { licenceChecks } from './licenceChecks.ts';
import { plainChecks } from './limitChecks.ts';
import { placeChecks } from './placeChecks.ts';

/** Every check of the rig in its situation. Missing data gives `unknown`, never an exception. */
export const runRulebook = (compiled: Compiled): readonly Check[] => [
  ...plainChecks(compiled),
  ...ballChecks(compiled),
  ...frontShareCheck(compiled),
  ...dValueCheck(compiled),
  ...brakeChecks(compiled),
  ...licenceChecks(compiled),
  ...gearChecks(compiled),
  ...camperChecks(compiled),
  ...placeChecks(compiled),
];
