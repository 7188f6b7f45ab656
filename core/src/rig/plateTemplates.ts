import type { LimitName, PlateSource } from './limitNames.ts';

/** What usually stands on each kind of plate, so that an owner is asked for exactly that. */
const vehicleTemplates: Readonly<Partial<Record<PlateSource, readonly LimitName[]>>> = {
  vehiclePlate: ['vehicleMax', 'combinationMax', 'frontAxleMax', 'rearAxleMax'],
  registration: [
    'vehicleMax',
    'vehicleTechnicalMax',
    'frontAxleMax',
    'rearAxleMax',
    'towBraked',
    'towUnbraked',
    'ballMax',
  ],
  handbook: ['towBraked', 'towUnbraked', 'ballMax', 'frontAxleMin'],
  towBar: ['towBraked', 'ballMax'],
  doorSticker: ['frontAxleMax', 'rearAxleMax'],
  certificate: ['vehicleMax', 'combinationMax', 'frontAxleMax', 'rearAxleMax'],
  other: ['vehicleMax'],
};

const trailerTemplates: Readonly<Partial<Record<PlateSource, readonly LimitName[]>>> = {
  caravanPlate: ['trailerMax', 'trailerAxlesMax'],
  registration: ['trailerMax', 'trailerTechnicalMax', 'trailerAxlesMax'],
  axle: ['axleGroupMax'],
  couplingHead: ['ballMax'],
  drawbar: ['ballMax'],
  handbook: ['trailerMax', 'trailerAxlesMax', 'ballMax'],
  certificate: ['trailerMax', 'trailerAxlesMax'],
  other: ['trailerMax'],
};

/** The kinds of plate a body may carry, and the figures to ask for on each. */
export const plateTemplates = (
  kind: 'vehicle' | 'trailer',
): Readonly<Partial<Record<PlateSource, readonly LimitName[]>>> =>
  kind === 'vehicle' ? vehicleTemplates : trailerTemplates;
