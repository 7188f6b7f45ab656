import { z } from 'zod';
import { idField, listBounds, massField, nameField } from './fields.ts';

const gearAxles = ['front', 'rear', 'tag', 'trailer'] as const;
export type GearAxle = (typeof gearAxles)[number];

/** What stands between one axle (or a trailer's axle group) and the road: tyres, wheels, springs. */
export const runningGearSchema = z.strictObject({
  id: idField,
  axle: z.enum(gearAxles),
  /** Wheels on the axle or group, spare not counted. */
  wheels: z.number().int().min(1).max(12),
  /** Two wheels side by side at each end: the second load index counts. */
  twinned: z.boolean().optional(),
  size: nameField.optional(),
  /** As on the wall: "104" or "107/105". */
  loadIndex: z
    .string()
    .regex(/^\d{1,3}(\/\d{1,3})?$/)
    .optional(),
  /** As on the vehicle's own tyre plate or papers. */
  platedLoadIndex: z
    .string()
    .regex(/^\d{1,3}(\/\d{1,3})?$/)
    .optional(),
  speedSymbol: z
    .string()
    .regex(/^[A-HJ-NP-Z]\d?$/)
    .optional(),
  /** Week and year of making, the last four digits of the code on the wall: "2321". */
  ageCode: z
    .string()
    .regex(/^(0[1-9]|[1-4]\d|5[0-3])\d\d$/)
    .optional(),
  /** kPa as set now, cold. */
  pressureKpa: z.number().min(50).max(1000).optional(),
  /** kPa at which a tyre carries what its load index says, as on its wall. */
  ratedPressureKpa: z.number().min(50).max(1000).optional(),
  /** The maker's table: kg on the axle or group, and the pressure for it. */
  pressureTable: z
    .array(z.strictObject({ load: massField, pressureKpa: z.number().min(50).max(1000) }))
    .max(listBounds.pressureTable)
    .optional(),
  /** kg of one wheel, by its own mark. */
  wheelRating: massField.optional(),
  /** kg the springs of the axle or group are rated for. */
  springRating: massField.optional(),
});
export type RunningGear = z.infer<typeof runningGearSchema>;
