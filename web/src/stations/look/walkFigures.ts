import type { GearAxle, LimitName, PlateSource, RunningGear, Trailer, Vehicle } from '@wagonomos/core';
import type { WalkStop } from '@wagonomos/core/pairing';

const limits: Readonly<Partial<Record<`${'trailer' | 'vehicle'}.${WalkStop}`, readonly LimitName[]>>> = {
  'trailer.plate': ['trailerMax', 'trailerAxlesMax'],
  'trailer.coupling': ['trailerPartMax', 'ballMax'],
  'vehicle.plate': ['vehicleMax', 'frontAxleMax', 'rearAxleMax', 'combinationMax'],
  'vehicle.towBar': ['towBraked', 'ballMax'],
};

/** Limits that can be read at a stop. */
export const limitsAt = ({ kind }: Trailer | Vehicle, stop: WalkStop): readonly LimitName[] =>
  limits[`${kind}.${stop}`] ?? [];

/** On which part figures of a stop stand, where another part may bear another. */
export const sourceAt = (stop: WalkStop): PlateSource | undefined => (stop === 'coupling' ? 'couplingHead' : undefined);

/** Axles whose tyres are read at a stop. */
export const axlesAt = ({ kind }: Trailer | Vehicle, stop: WalkStop): readonly GearAxle[] =>
  stop !== 'tyres' ? [] : kind === 'trailer' ? ['trailer'] : ['front', 'rear'];

/** What is read off the wall of a tyre, and how it looks. */
export const tyreCodes = {
  loadIndex: /^\d{2,3}(\/\d{2,3})?$/,
  ageCode: /^(0[1-9]|[1-4]\d|5[0-3])\d\d$/,
} as const satisfies Partial<Record<keyof RunningGear, RegExp>>;
export type TyreCode = keyof typeof tyreCodes;
export const tyreCodeNames = ['loadIndex', 'ageCode'] as const satisfies readonly TyreCode[];

export const gearOf = ({ gear }: Trailer | Vehicle, axle: GearAxle): RunningGear | undefined =>
  gear?.find((one) => one.axle === axle);
