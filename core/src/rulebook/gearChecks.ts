import { axleLoad } from '../limits/onAxle.ts';
import type { Loads } from '../loads/loads.ts';
import { tyreCapacity, tyreReserve } from '../limits/tyreCapacity.ts';
import { message, type Message } from '../messages/message.ts';
import type { RunningGear } from '../rig/runningGear.ts';
import type { Side } from '../statics/pointLoad.ts';
import type { Check } from '../checks/check.ts';
import { givenLimit, judgeMost } from '../checks/judgeLoad.ts';
import { factsFor } from './context.ts';
import { judgedAs, newCheck } from '../checks/newCheck.ts';
import type { RuleId } from '../checks/ruleFacts.ts';

/** Tyres, wheels and springs of every axle somebody has described, against the load on it. */
export function gearChecks(loads: Loads): readonly Check[] {
  const { vehicle, trailer } = loads.view;
  return [
    ...(vehicle?.gear ?? []).flatMap((gear) => axleChecks(loads, 'vehicle', gear)),
    ...(trailer?.gear ?? []).flatMap((gear) => axleChecks(loads, 'trailer', gear)),
  ];
}

function axleChecks(loads: Loads, side: Side, gear: RunningGear): readonly Check[] {
  const tyres = gear.loadIndex === undefined ? null : tyreCapacity(gear.loadIndex, gear.twinned ?? false, gear.wheels);
  const wheels = gear.wheelRating === undefined ? null : gear.wheelRating * gear.wheels;
  const check = (rule: RuleId, limit: number | null | undefined, name: string, notes: readonly Message[] = []) =>
    limit === null || limit === undefined ? [] : gearCheck(loads, side, gear, rule, limit, name, notes);
  const unread = tyres === null && gear.loadIndex !== undefined;
  return [
    ...check('gear.tyres', tyres?.capacity, 'check.tyres', unread ? [message('check.note.indexOffTable')] : []),
    ...(gear.axle === 'trailer' ? check('gear.tyreReserve', tyres?.reserve90, 'check.tyreReserve') : []),
    ...check('gear.wheels', wheels, 'check.wheels'),
    ...check('gear.springs', gear.springRating, 'check.springs'),
  ];
}

function gearCheck(
  loads: Loads,
  side: Side,
  gear: RunningGear,
  rule: RuleId,
  limit: number,
  name: string,
  notes: readonly Message[],
): readonly Check[] {
  const facts = factsFor(loads, side, rule);
  const quantity = axleLoad(loads.view, gear.axle);
  const demand = loads.values[quantity];
  if (!facts || demand.kind === 'absent') return [];
  const check = newCheck(loads, {
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
  return [judgedAs(check, judgeMost(loads, demand, givenLimit(limit)), { notes })];
}
