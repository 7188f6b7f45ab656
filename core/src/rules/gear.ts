import type { Check, LimitPart } from '../checks/check.ts';
import { givenLimit, judgeMost } from '../checks/judgeLoad.ts';
import { judgedAs } from '../checks/newCheck.ts';
import { axleLoad } from '../limits/onAxle.ts';
import { tyreCapacity, tyreReserve } from '../limits/tyreCapacity.ts';
import { message, percent, type Message } from '../messages/message.ts';
import type { RunningGear } from '../rig/runningGear.ts';
import { onEveryAxle } from './onEveryAxle.ts';
import { defineRule, type Asked } from './rule.ts';

/** What the gear of an axle carries, and how that is worked out; null where nobody has read it. */
interface Rated {
  readonly limit: number;
  readonly worked?: readonly LimitPart[];
  readonly notes?: readonly Message[];
}

/** Compares the load of each described axle with what one part of its gear carries. */
const judgeGear = (
  { loads, at, open }: Asked<object>,
  name: string,
  ratedOf: (gear: RunningGear) => Rated | null,
): readonly Check[] =>
  onEveryAxle(loads.view).flatMap(({ side, gear }) => {
    const facts = at(side);
    const rated = ratedOf(gear);
    const quantity = axleLoad(loads.view, gear.axle);
    const demand = loads.values[quantity];
    if (!facts || !rated || demand.kind === 'absent') return [];
    const check = open(facts, {
      part: gear.axle,
      side,
      group: side === 'trailer' ? 'trailer' : 'axles',
      quantity,
      name: message(name, {
        axle: message(`gearAxle.${gear.axle}`),
        share: percent(tyreReserve),
      }),
    });
    const { limit, worked, notes } = rated;
    const more = { ...(worked ? { worked: { op: 'product', of: worked } as const } : {}), ...(notes ? { notes } : {}) };
    return [judgedAs(check, judgeMost(loads, demand, givenLimit(limit)), more)];
  });

/** How many wheels an axle has, as a factor of what its tyres or wheels carry. */
export const wheels = (gear: RunningGear): LimitPart => ({
  name: message('step.wheels'),
  value: gear.wheels,
  unit: 'share',
});

/** All tyres of an axle by their load index; null where it was not read or is on no table. */
export function tyres({ loadIndex, twinned = false, wheels: count }: RunningGear) {
  const found = loadIndex === undefined ? null : tyreCapacity(loadIndex, twinned, count);
  if (!found || loadIndex === undefined) return null;
  const name = message(twinned ? 'step.perTyreTwinned' : 'step.perTyre', { index: loadIndex });
  return { ...found, each: { name, value: found.perTyre } };
}

/** Tyres carry what their load index says. */
export const tyreCapacityRule = defineRule({
  id: 'gear.tyres',
  group: 'axles',
  by: 'each',
  silence: 'gear',
  check: (asked) =>
    judgeGear(asked, 'check.tyres', (gear) => {
      const found = tyres(gear);
      return found && { limit: found.capacity, worked: [found.each, wheels(gear)] };
    }),
});

/** Advice for a trailer: tyres that are not used to the last kilogram live longer. */
export const tyreReserveRule = defineRule({
  id: 'gear.tyreReserve',
  group: 'trailer',
  by: 'trailer',
  silence: 'gear',
  check: (asked) =>
    judgeGear(asked, 'check.tyreReserve', (gear) => {
      const found = gear.axle === 'trailer' ? tyres(gear) : null;
      const share: LimitPart = { name: message('step.share'), value: tyreReserve, unit: 'share' };
      return found && { limit: found.reserve90, worked: [found.each, wheels(gear), share] };
    }),
});

/** Wheels carry what is cast or stamped into them. */
export const wheelRating = defineRule({
  id: 'gear.wheels',
  group: 'axles',
  by: 'each',
  silence: 'gear',
  check: (asked) =>
    judgeGear(asked, 'check.wheels', (gear) =>
      gear.wheelRating === undefined
        ? null
        : {
            limit: gear.wheelRating * gear.wheels,
            worked: [{ name: message('step.perWheel'), value: gear.wheelRating }, wheels(gear)],
          },
    ),
});

/** Springs carry what their maker says. */
export const springRating = defineRule({
  id: 'gear.springs',
  group: 'axles',
  by: 'each',
  silence: 'gear',
  check: (asked) =>
    judgeGear(asked, 'check.springs', ({ springRating: limit }) => (limit === undefined ? null : { limit })),
});
