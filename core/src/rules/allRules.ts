import { axleGroup, frontAxle, frontAxleLeast, rearAxle, tagAxle, trailerAxles } from './axles.ts';
import { axleEach } from './axleEach.ts';
import { ballBand } from './ballBand.ts';
import { ballLeast } from './ballLeast.ts';
import { brakeController, breakaway, overrunBrakes } from './brakeKinds.ts';
import { brakesRequired } from './brakesRequired.ts';
import { camperMax } from './camper.ts';
import { cargo } from './cargo.ts';
import { chains } from './chains.ts';
import { combinationSum } from './combinationSum.ts';
import { ballMax, couplingPart } from './coupling.ts';
import { dValue } from './dValue.ts';
import { frontShare } from './frontShare.ts';
import { springRating, tyreCapacityRule, tyreReserveRule, wheelRating } from './gear.ts';
import { hundred } from './hundred.ts';
import { licenceRule } from './licence.ts';
import { novice } from './novice.ts';
import { placeRating } from './placeRating.ts';
import type { AnyRule } from './rule.ts';
import { seats } from './seats.ts';
import { combinationMax, trailerMax, trailerTechnicalMax, vehicleMax, vehicleTechnicalMax } from './totals.ts';
import { towBraked, towUnbraked } from './towing.ts';
import { towFallback } from './towFallback.ts';
import { towHalf } from './towHalf.ts';
import { ownMass, towRatio } from './towRatio.ts';
import { lengthRule, widthRule } from './dimensions.ts';
import { mirrors } from './mirrors.ts';
import { tyresForPlate } from './tyresForPlate.ts';
import { tyreAgeRule, tyreSpeed } from './tyreMarks.ts';

/** Every rule, in the order its checks are listed. A new one is a file, its words, and a line here. */
export const allRules = [
  vehicleMax,
  vehicleTechnicalMax,
  frontAxle,
  frontAxleLeast,
  rearAxle,
  tagAxle,
  trailerMax,
  trailerTechnicalMax,
  trailerAxles,
  axleGroup,
  axleEach,
  couplingPart,
  combinationMax,
  towBraked,
  towUnbraked,
  ballMax,
  ballLeast,
  ballBand,
  frontShare,
  dValue,
  brakesRequired,
  towHalf,
  towFallback,
  overrunBrakes,
  brakeController,
  breakaway,
  chains,
  towRatio,
  ownMass,
  combinationSum,
  licenceRule,
  novice,
  seats,
  hundred,
  mirrors,
  widthRule,
  lengthRule,
  tyreCapacityRule,
  tyresForPlate,
  tyreReserveRule,
  wheelRating,
  springRating,
  tyreSpeed,
  tyreAgeRule,
  camperMax,
  cargo,
  placeRating,
] as const satisfies readonly AnyRule[];
