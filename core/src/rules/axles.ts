import type { Loads } from '../loads/loads.ts';
import { platedCheck } from './platedCheck.ts';
import { defineRule } from './rule.ts';
import { whileTowing } from './towingAllowance.ts';

const withoutVehicle = ({ view }: Loads): string | null => (view.vehicle ? null : 'check.no.vehicle');

/** The front axle carries no more than its rating. */
export const frontAxle = defineRule({
  id: 'axle.front',
  group: 'axles',
  role: 'axle',
  by: 'vehicle',
  check: (asked) =>
    platedCheck(asked, 'vehicle', () => ({
      limit: 'frontAxleMax',
      quantity: 'frontAxle',
      figure: 'required',
      whyNot: withoutVehicle(asked.loads),
    })),
});

/** The least its maker wants on the front axle, where stated. */
export const frontAxleLeast = defineRule({
  id: 'axle.frontMin',
  group: 'axles',
  by: 'vehicle',
  check: (asked) =>
    platedCheck(asked, 'vehicle', () => ({
      limit: 'frontAxleMin',
      quantity: 'frontAxle',
      sense: 'min',
      figure: 'optional',
      whyNot: withoutVehicle(asked.loads),
    })),
});

/** The rear axle carries no more than its rating; with a tag axle the rating is the drive axle's. */
export const rearAxle = defineRule({
  id: 'axle.rear',
  group: 'axles',
  role: 'axle',
  by: 'vehicle',
  may: { towingShare: 'share', towingMostKg: 'kg' },
  check: (asked) =>
    platedCheck(asked, 'vehicle', ({ figures }) => ({
      quantity: asked.loads.view.vehicle?.geometry.tagAxle ? 'driveAxle' : 'rearAxle',
      figure: 'required',
      whyNot: withoutVehicle(asked.loads),
      ...whileTowing(asked.loads, 'rearAxleMax', 'rearAxleMaxTowing', figures),
    })),
});

/** The tag axle carries no more than its rating. */
export const tagAxle = defineRule({
  id: 'axle.tag',
  group: 'axles',
  role: 'axle',
  by: 'vehicle',
  check: (asked) =>
    platedCheck(asked, 'vehicle', () => ({
      limit: 'tagAxleMax',
      quantity: 'tagAxle',
      figure: 'required',
      whyNot: withoutVehicle(asked.loads) ?? (asked.loads.view.vehicle?.geometry.tagAxle ? null : 'check.no.tagAxle'),
    })),
});

/** What rests on a trailer's own axles is no more than is plated for them. */
export const trailerAxles = defineRule({
  id: 'trailer.axles',
  group: 'trailer',
  role: 'axle',
  by: 'trailer',
  check: (asked) =>
    platedCheck(asked, 'trailer', () => ({ limit: 'trailerAxlesMax', quantity: 'trailerAxles', figure: 'required' })),
});

/** The same against the rating of the axle group, where it is stated. */
export const axleGroup = defineRule({
  id: 'trailer.axleGroup',
  group: 'trailer',
  by: 'trailer',
  check: (asked) =>
    platedCheck(asked, 'trailer', () => ({ limit: 'axleGroupMax', quantity: 'trailerAxles', figure: 'optional' })),
});
