import type { RigView } from '../loading/rigView.ts';
import type { QuantityName } from '../statics/rigRows.ts';
import type { Asked } from './bestEstimate.ts';
import type { StateSlip } from './keptSlips.ts';
import { ends, rowOf, type Levers } from './slipToday.ts';
import { noticeable, type UnlistedMass } from './underTotal.ts';

/**
 * How much of each load is what a slip found beside its list, kg: of another way to load the rig than the slip's nobody knows whether
 * that is on board too. Empty where it was found with the very list that is looked at, or where it is no more than chance.
 */
export function besideTheList(
  view: RigView,
  slips: readonly StateSlip[],
  unlisted: readonly UnlistedMass[],
  asked: Readonly<Record<QuantityName, Asked>>,
  levers: Levers,
): (name: QuantityName) => number {
  const elsewhere = unlisted.filter(
    ({ slip, kg }) => noticeable(kg) && slips[slip]?.kept.ticket.loadout?.id !== view.loadout.id,
  );
  return (name) => elsewhere.reduce((sum, one) => sum + shareOf(one, asked[name], levers), 0);
}

/** kg of it in a load: by what its two ends were found to carry, else as if it lay in the middle of the body's reach. */
function shareOf({ side, kg, far }: UnlistedMass, { of, made }: Asked, levers: Levers): number {
  const combination = made?.of ?? of;
  const [near, other] = [combination[ends[side].near] ?? 0, combination[ends[side].far] ?? 0];
  if (far) return near * (kg.value - far.value) + other * far.value;
  const part = rowOf(combination, levers)[side];
  const reach = levers.reaches[side];
  if (!part || (part.perMetre !== 0 && !reach)) return 0;
  return kg.value * (part.at0 + (reach ? (part.perMetre * (reach.from + reach.to)) / 2 : 0));
}
