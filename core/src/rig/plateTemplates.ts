import type { Body } from './body.ts';
import type { LimitName, PlateSource } from './limitNames.ts';

type Templates = Readonly<Partial<Record<PlateSource, readonly LimitName[]>>>;

const vehicleTemplates: Templates = {
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

const trailerTemplates: Templates = {
  caravanPlate: ['trailerMax', 'trailerAxlesMax'],
  registration: ['trailerMax', 'trailerTechnicalMax', 'trailerAxlesMax'],
  axle: ['axleGroupMax'],
  couplingHead: ['ballMax'],
  drawbar: ['ballMax'],
  handbook: ['trailerMax', 'trailerAxlesMax', 'ballMax'],
  certificate: ['trailerMax', 'trailerAxlesMax'],
  other: ['trailerMax'],
};

const camperTemplates: Templates = { camperPlate: ['camperMax', 'emptyStated'], other: ['camperMax'] };

/** What usually stands on a plate that follows no form of its own, by where it was read. */
export const plateTemplates = (kind: Body['kind']): Templates =>
  kind === 'vehicle' ? vehicleTemplates : kind === 'trailer' ? trailerTemplates : camperTemplates;
