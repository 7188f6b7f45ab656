import { unreckonable, type Compiled } from '../loading/compile.ts';
import { ballChecks } from './ballChecks.ts';
import { brakeChecks } from './brakeChecks.ts';
import { brakeKindChecks } from './brakeKindChecks.ts';
import { camperChecks } from './camperChecks.ts';
import { chainCheck } from './chainCheck.ts';
import type { Check } from './check.ts';
import { combinationSumCheck } from './combinationSumCheck.ts';
import { dValueCheck } from './dValueCheck.ts';
import { frontShareCheck } from './frontShareCheck.ts';
import { gearChecks } from './gearChecks.ts';
import { hundredCheck } from './hundredCheck.ts';
import { licenceChecks } from './licenceChecks.ts';
import { plainChecks } from './limitChecks.ts';
import { placeChecks } from './placeChecks.ts';
import { seatCheck } from './seatCheck.ts';
import { towRatioChecks } from './towRatioChecks.ts';
import { tyreMarkChecks } from './tyreMarkChecks.ts';

/** Every check of the rig in its situation. Missing data, and figures that make no number, give `unknown`, never an exception. */
export const runRulebook = (compiled: Compiled): readonly Check[] =>
  checksOf(compiled).map((check) => (isFinite(check) ? check : unknown(check, compiled)));

const isFinite = ({ demand, limit, margin, sigma }: Check): boolean =>
  [demand, limit, margin, sigma].every((one) => one === null || Number.isFinite(one));

const unknown = (check: Check, { view }: Compiled): Check => ({
  ...check,
  demand: null,
  sigma: null,
  limit: null,
  margin: null,
  use: null,
  either: undefined,
  status: 'unknown',
  missing: [unreckonable(view)],
});

const checksOf = (compiled: Compiled): readonly Check[] => [
  ...plainChecks(compiled),
  ...ballChecks(compiled),
  ...frontShareCheck(compiled),
  ...dValueCheck(compiled),
  ...brakeChecks(compiled),
  ...brakeKindChecks(compiled),
  ...chainCheck(compiled),
  ...towRatioChecks(compiled),
  ...combinationSumCheck(compiled),
  ...licenceChecks(compiled),
  ...seatCheck(compiled),
  ...hundredCheck(compiled),
  ...gearChecks(compiled),
  ...tyreMarkChecks(compiled),
  ...camperChecks(compiled),
  ...placeChecks(compiled),
];
