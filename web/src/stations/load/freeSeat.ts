import { seatsIn, type RigView } from '@wagonomos/core';

/** The first seat nobody has yet; nothing where there is none left: nobody is put on somebody's lap. */
export function freeSeat(view: RigView): string | undefined {
  const seats = view.vehicle ? seatsIn(view.vehicle) : [];
  const taken = view.loadout.crew.map((member) => member.seat);
  return seats.find((one) => !taken.includes(one.id))?.id;
}
