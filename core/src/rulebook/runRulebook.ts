import { unreckonable, type Loads } from '../loads/loads.ts';
import { ballChecks } from './ballChecks.ts';
import { brakeChecks } from './brakeChecks.ts';
import { brakeKindChecks } from './brakeKindChecks.ts';
import { camperChecks } from './camperChecks.ts';
import { cargoCheck } from './cargoCheck.ts';
import { chainCheck } from './chainCheck.ts';
import type { Check } from '../checks/check.ts';
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
export const runRulebook = (loads: Loads): readonly Check[] =>
  checksOf(loads).map((check) => (isFinite(check) ? check : unknown(check, loads)));

const isFinite = ({ demand, limit, margin, sigma }: Check): boolean =>
  [demand, limit, margin, sigma].every((one) => one === null || Number.isFinite(one));

const unknown = (check: Check, { view }: Loads): Check => ({
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

const checksOf = (loads: Loads): readonly Check[] => [
  ...plainChecks(loads),
  ...ballChecks(loads),
  ...frontShareCheck(loads),
  ...dValueCheck(loads),
  ...brakeChecks(loads),
  ...brakeKindChecks(loads),
  ...chainCheck(loads),
  ...towRatioChecks(loads),
  ...combinationSumCheck(loads),
  ...licenceChecks(loads),
  ...seatCheck(loads),
  ...hundredCheck(loads),
  ...gearChecks(loads),
  ...tyreMarkChecks(loads),
  ...camperChecks(loads),
  ...cargoCheck(loads),
  ...placeChecks(loads),
];
