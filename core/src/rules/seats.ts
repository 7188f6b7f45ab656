import { message } from '../messages/message.ts';
import { seatsIn } from '../rig/seatsIn.ts';
import { judgeCounted } from '../checks/newCheck.ts';
import { defineRule } from './rule.ts';

/** No more people than belted seats, whatever the number of beds, and no two in one. Dogs are no people. */
export const seats = defineRule({
  id: 'people.seats',
  group: 'people',
  by: 'vehicle',
  asks: ['vehicle'],
  silence: 'people',
  check({ loads, at, open }) {
    const { vehicle, loadout } = loads.view;
    const facts = at('vehicle');
    const people = loadout.crew.filter((member) => !member.pet);
    // People by their mass together are nobody's count, until one of them is given a seat.
    if (!vehicle || !facts || people.length === 0 || people.some(({ several, seat }) => several && seat === undefined))
      return [];
    const check = open(facts, { side: 'vehicle', quantity: 'counted', name: message('check.seats'), unit: 'people' });
    const belted = seatsIn(vehicle);
    if (vehicle.seats.length === 0) {
      const missing = [{ code: 'seats', body: vehicle.id, bodyName: vehicle.name }] as const;
      return [{ ...check, demand: people.length, missing }];
    }
    const judged = { ...check, ...judgeCounted('max', people.length, belted.length) };
    const notes = belted.length < vehicle.seats.length ? [message('check.note.seatsOut')] : [];
    const taken = people.flatMap((member) => member.seat ?? []);
    const shared = new Set(taken).size < taken.length;
    return [
      shared && judged.status === 'within'
        ? { ...judged, status: 'over', margin: null, notes: [message('check.note.seatShared'), ...notes] }
        : { ...judged, notes },
    ];
  },
});
