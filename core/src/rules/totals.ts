import { platedCheck } from './platedCheck.ts';
import { defineRule } from './rule.ts';
import { whileTowing } from './towingAllowance.ts';

/** A vehicle weighs no more than its plate, with what rests on its coupling. */
export const vehicleMax = defineRule({
  id: 'vehicle.max',
  group: 'vehicle',
  role: 'total',
  by: 'vehicle',
  may: { towingShare: 'share', towingMostKg: 'kg' },
  check: (asked) =>
    platedCheck(asked, 'vehicle', ({ figures }) => ({
      quantity: 'vehicleTotal',
      figure: 'required',
      whyNot: asked.loads.view.vehicle ? null : 'check.no.vehicle',
      ...whileTowing(asked.loads, 'vehicleMax', 'vehicleMaxTowing', figures),
    })),
});

/** What its maker built it for, where that is less than what is registered or the other way round. */
export const vehicleTechnicalMax = defineRule({
  id: 'vehicle.technicalMax',
  group: 'vehicle',
  by: 'vehicle',
  check: (asked) =>
    platedCheck(asked, 'vehicle', () => ({
      limit: 'vehicleTechnicalMax',
      quantity: 'vehicleTotal',
      figure: 'optional',
      whyNot: asked.loads.view.vehicle ? null : 'check.no.vehicle',
    })),
});

/** A trailer weighs no more than its plate, ball load included. */
export const trailerMax = defineRule({
  id: 'trailer.max',
  group: 'trailer',
  role: 'total',
  by: 'trailer',
  check: (asked) =>
    platedCheck(asked, 'trailer', () => ({ limit: 'trailerMax', quantity: 'trailerTotal', figure: 'required' })),
});

/** What its maker built it for. */
export const trailerTechnicalMax = defineRule({
  id: 'trailer.technicalMax',
  group: 'trailer',
  by: 'trailer',
  check: (asked) =>
    platedCheck(asked, 'trailer', () => ({
      limit: 'trailerTechnicalMax',
      quantity: 'trailerTotal',
      figure: 'optional',
    })),
});

/** Both together weigh no more than the vehicle's plate for a combination. */
export const combinationMax = defineRule({
  id: 'combination.max',
  group: 'combination',
  role: 'total',
  by: 'vehicle',
  check: (asked) => {
    const { vehicle, trailer } = asked.loads.view;
    return platedCheck(asked, 'vehicle', () => ({
      limit: 'combinationMax',
      quantity: 'combination',
      figure: 'required',
      whyNot: !vehicle ? 'check.no.vehicle' : trailer ? null : 'check.no.trailer',
    }));
  },
});
