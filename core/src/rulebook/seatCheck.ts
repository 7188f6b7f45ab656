import type { Loads } from '../loads/loads.ts';
import { message } from '../messages/message.ts';
import type { Check } from '../checks/check.ts';
import { seatsIn } from '../rig/seatsIn.ts';
import { factsFor } from './context.ts';
import { judgeCounted, newCheck } from '../checks/newCheck.ts';

/** No more people than belted seats, whatever the number of beds, and no two in one. Dogs are no people. */
export function seatCheck(loads: Loads): readonly Check[] {
  const { vehicle, loadout } = loads.view;
  const facts = factsFor(loads, 'vehicle', 'people.seats');
  const people = loadout.crew.filter((member) => !member.pet);
  if (!vehicle || !facts || people.length === 0) return [];
  const check = newCheck(loads, {
    rule: 'people.seats',
    facts,
    side: 'vehicle',
    group: 'people',
    quantity: 'counted',
    name: message('check.seats'),
    unit: 'people',
  });
  const seats = seatsIn(vehicle);
  if (vehicle.seats.length === 0) {
    const missing = [{ code: 'seats', body: vehicle.id, bodyName: vehicle.name }] as const;
    return [{ ...check, demand: people.length, missing }];
  }
  const judged = { ...check, ...judgeCounted('max', people.length, seats.length) };
  const notes = seats.length < vehicle.seats.length ? [message('check.note.seatsOut')] : [];
  const taken = people.flatMap((member) => member.seat ?? []);
  const shared = new Set(taken).size < taken.length;
  return [
    shared && judged.status === 'within'
      ? { ...judged, status: 'over', margin: null, notes: [message('check.note.seatShared'), ...notes] }
      : { ...judged, notes },
  ];
}
