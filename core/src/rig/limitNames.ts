/**
 * Every limit a plate may state, by its code name. kg, except `dValueKn` (kN). The words people see for them differ by
 * country and by the plate in hand; the lexicon has them.
 */
export const vehicleLimitNames = [
  'vehicleMax',
  'vehicleTechnicalMax',
  'combinationMax',
  'frontAxleMax',
  'frontAxleMin',
  'rearAxleMax',
  'tagAxleMax',
  'towBraked',
  'towUnbraked',
  'ballMax',
] as const;

export const trailerLimitNames = [
  'trailerMax',
  'trailerTechnicalMax',
  'trailerAxlesMax',
  'axleGroupMax',
  'ballMax',
] as const;

export const limitNames = [
  ...vehicleLimitNames,
  'trailerMax',
  'trailerTechnicalMax',
  'trailerAxlesMax',
  'axleGroupMax',
] as const;
export type LimitName = (typeof limitNames)[number];

/** Where a figure was read. `towBar`, `couplingHead` and `drawbar` also name the part whose limit it is. */
export const plateSources = [
  'vehiclePlate',
  'caravanPlate',
  'registration',
  'handbook',
  'towBar',
  'couplingHead',
  'drawbar',
  'axle',
  'doorSticker',
  'certificate',
  'other',
] as const;
export type PlateSource = (typeof plateSources)[number];
