import type { Loads } from '../loads/loads.ts';
import { speedOfSymbol, tyreAge } from '../limits/tyreMarks.ts';
import { message } from '../messages/message.ts';
import type { Missing } from '../rig/missing.ts';
import type { RunningGear } from '../rig/runningGear.ts';
import type { Side } from '../statics/pointLoad.ts';
import type { Check } from '../checks/check.ts';
import { factsFor } from './context.ts';
import { judgeCounted, newCheck, type Frame } from '../checks/newCheck.ts';
import type { RuleId } from '../checks/ruleFacts.ts';

/** What the letters and the date on a tyre's wall say, for every axle somebody has described. */
export function tyreMarkChecks(loads: Loads): readonly Check[] {
  const { vehicle, trailer } = loads.view;
  return [
    ...(vehicle?.gear ?? []).flatMap((gear) => ageCheck(loads, 'vehicle', gear)),
    ...(trailer?.gear ?? []).flatMap((gear) => [...speedCheck(loads, gear), ...ageCheck(loads, 'trailer', gear)]),
  ];
}

const frame = (loads: Loads, side: Side, gear: RunningGear, rule: RuleId): Omit<Frame, 'name'> | null => {
  const facts = factsFor(loads, side, rule);
  if (!facts) return null;
  const group = side === 'trailer' ? 'trailer' : 'axles';
  return { rule, facts, side, group, quantity: 'counted', id: `${rule}:${gear.axle}` };
};

const axleName = (gear: RunningGear) => ({ axle: message(`gearAxle.${gear.axle}`) });

/** A trailer's tyres must be made for the speed it may be towed at. A vehicle's own top speed stands on no plate. */
function speedCheck(loads: Loads, gear: RunningGear): readonly Check[] {
  const given = frame(loads, 'trailer', gear, 'gear.speed');
  const least = given?.facts.figures?.['trailerKmh'];
  if (!given || least === undefined) return [];
  const check = newCheck(loads, {
    ...given,
    name: message('check.tyreSpeed', axleName(gear)),
    sense: 'min',
    unit: 'kmh',
  });
  const speed = gear.speedSymbol === undefined ? null : speedOfSymbol(gear.speedSymbol);
  const missing = speed === null ? [missingOn(loads, 'trailer', 'tyreSymbol')] : [];
  return [{ ...check, ...judgeCounted('min', speed, least), missing }];
}

/** Advice: rubber grows old whether it is worn or not. */
function ageCheck(loads: Loads, side: Side, gear: RunningGear): readonly Check[] {
  const given = frame(loads, side, gear, 'gear.age');
  const most = given?.facts.figures?.['years'];
  if (!given || most === undefined) return [];
  const check = newCheck(loads, { ...given, name: message('check.tyreAge', axleName(gear)), unit: 'years' });
  const { date } = loads.view.situation;
  const age = gear.ageCode === undefined || date === undefined ? null : tyreAge(gear.ageCode, date);
  const missing = age === null ? [missingOn(loads, side, gear.ageCode === undefined ? 'tyreAge' : 'date')] : [];
  return [{ ...check, ...judgeCounted('max', age, most), missing }];
}

/** A fact of an axle's tyres that nobody has read. */
export function missingOn(
  { view }: Loads,
  side: Side,
  code: 'tyreSymbol' | 'tyreAge' | 'date' | 'dampers' | 'hundredPlate' | 'abs' | 'registeredEmpty',
): Missing {
  const body = view[side];
  return { code, body: body?.id ?? '', bodyName: body?.name ?? '' };
}
