import type { Vehicle } from './body.ts';
import type { Seat } from './equipment.ts';

/** The seats that are in the vehicle: those of its papers less those a fitted part says were taken out. */
export function seatsIn(vehicle: Pick<Vehicle, 'seats' | 'fitted'>): readonly Seat[] {
  const out = new Set(vehicle.fitted.flatMap((part) => part.seat ?? []));
  return out.size === 0 ? vehicle.seats : vehicle.seats.filter((seat) => !out.has(seat.id));
}
