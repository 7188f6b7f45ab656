import { seatsIn, type RigView } from '@wagonomos/core';

/** The first seat nobody has yet, else the last one; nothing where there are no seats. */
export function freeSeat(view: RigView): string | undefined {
  const seats = view.vehicle ? seatsIn(view.vehicle) : [];
  const taken = view.loadout.crew.map((member) => member.seat);
  return (seats.find((one) => !taken.includes(one.id)) ?? seats.at(-1))?.id;
}
