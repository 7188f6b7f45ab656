/**
 * What falls due of a rig: by its slips, its tyres, its cases, and the days its owner noted.
 */
export { dueDates, type DueDate } from '../due/dueDates.ts';
export { dueKinds, type DueKind } from '../rig/due.ts';
