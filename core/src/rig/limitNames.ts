/**
 * Every limit a plate may state, by its code name. kg, except the D and V values (kN). The words people see for them differ
 * by country and by the plate in hand; the lexicon has them.
 */
export const vehicleLimitNames = [
  'vehicleMax',
  'vehicleTechnicalMax',
  'vehicleMaxTowing',
  'combinationMax',
  'frontAxleMax',
  'frontAxleMin',
  'rearAxleMax',
  'rearAxleMaxTowing',
  'tagAxleMax',
  'towBraked',
  'towUnbraked',
  'ballMax',
  'dValueKn',
  'emptyStated',
  'payloadStated',
] as const;

const trailerLimitNames = [
  'trailerMax',
  'trailerTechnicalMax',
  'trailerAxlesMax',
  'axleGroupMax',
  'trailerPartMax',
  'ballMax',
  'dValueKn',
  'vValueKn',
  'emptyStated',
  'payloadStated',
] as const;

const camperLimitNames = ['camperMax', 'emptyStated'] as const;

export const limitNames = [
  ...new Set([...vehicleLimitNames, ...trailerLimitNames, ...camperLimitNames]),
] as const satisfies readonly string[];
export type LimitName =
  (typeof vehicleLimitNames)[number] | (typeof trailerLimitNames)[number] | (typeof camperLimitNames)[number];

/** The limits a body of a kind may have, in the order in which they are asked for. */
export const limitsOf = (kind: 'vehicle' | 'trailer'): readonly LimitName[] =>
  kind === 'vehicle' ? vehicleLimitNames : trailerLimitNames;

/** Limits that are forces, in kN; all others are masses. */
export const forceLimits: readonly LimitName[] = ['dValueKn', 'vValueKn'];

/** Whether a limit is the mass of a whole body or of an axle: some hundred kg at least, and no allowance. */
export const isWholeMass = (name: LimitName): boolean =>
  name !== 'ballMax' && name !== 'payloadStated' && !forceLimits.includes(name);

/** Where a figure was read. The names of parts also say whose limit it is. */
export const plateSources = [
  'vehiclePlate',
  'caravanPlate',
  'camperPlate',
  'registration',
  'handbook',
  'towBar',
  'receiver',
  'ball',
  'extension',
  'distributionHitch',
  'fifthWheel',
  'couplingHead',
  'drawbar',
  'chassis',
  'brakes',
  'chains',
  'axle',
  'doorSticker',
  'certificate',
  'other',
] as const;
export type PlateSource = (typeof plateSources)[number];
