import type { Loadout } from '../loading/loadout.ts';
import type { Reading } from '../loading/ticket.ts';
import type { Vehicle } from '../rig/body.ts';
import { seatsIn } from '../rig/seatsIn.ts';
import { effectiveWheelbase } from '../statics/rigRows.ts';
import type { Combination } from './combination.ts';
import type { WeighingLengths } from './weighedLoads.ts';

/** Who was on board at a weighing, and what they sit in. */
export interface Aboard {
  readonly vehicle?: Pick<Vehicle, 'seats' | 'fitted'> | undefined;
  readonly loadout: Pick<Loadout, 'crew'>;
}

/**
 * What a scale would have shown more with everybody on the plate who was not there for this reading, kg: each on his seat, as a load on
 * two supports. With one standard deviation of what they weigh.
 * @returns null: who was away is not on the list, or where he sits decides and nobody knows
 */
export function notOnPlate(
  { vehicle, loadout }: Aboard,
  { without = [] }: Reading,
  of: Combination,
  lengths: WeighingLengths,
): { readonly mass: number; readonly sigma: number } | null {
  let mass = 0;
  let variance = 0;
  const [front, rear] = [of['F'] ?? 0, of['R'] ?? 0];
  const wheelbase = effectiveWheelbase(lengths);
  for (const id of without) {
    const member = loadout.crew.find((one) => one.id === id);
    if (!member) return null;
    const x = vehicle && seatsIn(vehicle).find((seat) => seat.id === member.seat)?.x;
    if (front !== rear && (x === undefined || wheelbase === undefined)) return null;
    const share = front === rear ? front : front + ((rear - front) * (x ?? 0)) / (wheelbase ?? 1);
    mass += share * member.mass;
    variance += ((share * (member.plusMinus ?? 0)) / 2) ** 2;
  }
  return { mass, sigma: Math.sqrt(variance) };
}
