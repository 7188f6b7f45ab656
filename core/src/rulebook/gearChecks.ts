import type { Compiled } from '../loading/compile.ts';
import { tyreCapacity, tyreReserve } from '../limits/tyreCapacity.ts';
import { message, type Message } from '../messages/message.ts';
import type { GearAxle, RunningGear } from '../rig/runningGear.ts';
import type { Side } from '../statics/pointLoad.ts';
import type { QuantityName } from '../statics/rigRows.ts';
import type { Check } from './check.ts';
import { factsFor, givenLimit, judgeMost } from './context.ts';
import { judgedAs, newCheck } from './newCheck.ts';
import type { RuleId } from './facts.ts';

const quantities: Readonly<Record<GearAxle, QuantityName>> = {
  front: 'frontAxle',
  rear: 'rearAxle',
  tag: 'tagAxle',
  trailer: 'trailerAxles',
};

/** Tyres, wheels and springs of every axle somebody has described, against the load on it. */
export function gearChecks(compiled: Compiled): readonly Check[] {
  const { vehicle, trailer } = compiled.view;
  return [
    ...(vehicle?.gear ?? []).flatMap((gear) => axleChecks(compiled, 'vehicle', gear)),
    ...(trailer?.gear ?? []).flatMap((gear) => axleChecks(compiled, 'trailer', gear)),
  ];
}

function axleChecks(compiled: Compiled, side: Side, gear: RunningGear): readonly Check[] {
  const tyres = gear.loadIndex === undefined ? null : tyreCapacity(gear.loadIndex, gear.twinned ?? false, gear.wheels);
  const wheels = gear.wheelRating === undefined ? null : gear.wheelRating * gear.wheels;
  const check = (rule: RuleId, limit: number | null | undefined, name: string, notes: readonly Message[] = []) =>
    limit === null || limit === undefined ? [] : gearCheck(compiled, side, gear, rule, limit, name, notes);
  const unread = tyres === null && gear.loadIndex !== undefined;
  return [
    ...check('gear.tyres', tyres?.capacity, 'check.tyres', unread ? [message('check.note.indexOffTable')] : []),
    ...(gear.axle === 'trailer' ? check('gear.tyreReserve', tyres?.reserve90, 'check.tyreReserve') : []),
    ...check('gear.wheels', wheels, 'check.wheels'),
    ...check('gear.springs', gear.springRating, 'check.springs'),
  ];
}

function gearCheck(
  compiled: Compiled,
  side: Side,
  gear: RunningGear,
  rule: RuleId,
  limit: number,
  name: string,
  notes: readonly Message[],
): readonly Check[] {
  const facts = factsFor(compiled, side, rule);
  const quantity = gearQuantity(compiled, gear.axle);
  const demand = compiled.values[quantity];
  if (!facts || demand.kind === 'absent') return [];
  const check = newCheck(compiled, {
    rule,
    id: `${rule}:${gear.axle}`,
    facts,
    side,
    group: side === 'trailer' ? 'trailer' : 'axles',
    quantity,
    name: message(name, {
      axle: message(`gearAxle.${gear.axle}`),
      share: { kind: 'amount', unit: 'percent', value: tyreReserve * 100, rounding: 'nearest' },
    }),
  });
  return [judgedAs(check, judgeMost(compiled, demand, givenLimit(limit)), { notes })];
}

const gearQuantity = (compiled: Compiled, axle: GearAxle): QuantityName =>
  axle === 'rear' && compiled.view.vehicle?.geometry.tagAxle ? 'driveAxle' : quantities[axle];
