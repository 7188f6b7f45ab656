import type { NumberOptions } from '../units/tokens.ts';
import type { Region } from './situation.ts';

/**
 * How numbers are written where a paper comes from. On the continent a point may group thousands: 1.750 is asked about there, and
 * wherever nobody knows yet whose paper it is.
 * @param region in whose words the paper is read; null: not known
 */
export const numberHabit = (region: Region | null): NumberOptions => ({
  pointMayGroup: region === 'eu' || region === null,
});
