import type { Body } from './body.ts';
import type { LimitName } from './limitNames.ts';

const whole: readonly LimitName[] = ['vehicleMax', 'trailerMax', 'camperMax'];

/** What the plates of a body say it may weigh as a whole, kg; null: none of them says it. */
export const wholePlate = ({ plates }: Body): number | null =>
  plates.flatMap(({ figures }) => figures).find(({ limit }) => whole.includes(limit))?.value ?? null;
