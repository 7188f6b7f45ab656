import { judgeCounted } from '../checks/newCheck.ts';
import { speedOfSymbol, tyreAge } from '../limits/tyreMarks.ts';
import { message } from '../messages/message.ts';
import type { RunningGear } from '../rig/runningGear.ts';
import type { Side } from '../statics/pointLoad.ts';
import { missingOn } from './missingOn.ts';
import { onEveryAxle } from './onEveryAxle.ts';
import { defineRule } from './rule.ts';

const axleName = (gear: RunningGear) => ({ axle: message(`gearAxle.${gear.axle}`) });
const groupOf = (side: Side) => (side === 'trailer' ? 'trailer' : 'axles');

/**
 * A trailer's tyres must be made for the speed it may be towed at on the way; where that is not known, for a usual one. A vehicle's own top
 * speed stands on no plate.
 */
export const tyreSpeed = defineRule({
  id: 'gear.speed',
  group: 'trailer',
  by: 'trailer',
  silence: 'gear',
  needs: { trailerKmh: 'kmh' },
  check: ({ loads, at, open, fastest }) =>
    (loads.view.trailer?.gear ?? []).flatMap((gear) => {
      const facts = at('trailer');
      if (!facts) return [];
      const check = open(facts, {
        part: gear.axle,
        side: 'trailer',
        quantity: 'counted',
        name: message('check.tyreSpeed', axleName(gear)),
        sense: 'min',
        unit: 'kmh',
      });
      const asked = Math.floor(fastest() ?? facts.figures.trailerKmh);
      const speed = gear.speedSymbol === undefined ? null : speedOfSymbol(gear.speedSymbol);
      const missing = speed === null ? [missingOn(loads, 'trailer', 'tyreSymbol')] : [];
      return [{ ...check, ...judgeCounted('min', speed, asked), missing }];
    }),
});

/** Advice: rubber grows old whether it is worn or not. */
export const tyreAgeRule = defineRule({
  id: 'gear.age',
  role: 'tyreAge',
  group: 'axles',
  by: 'each',
  silence: 'gear',
  needs: { years: 'years' },
  check: ({ loads, at, open }) =>
    onEveryAxle(loads.view).flatMap(({ side, gear }) => {
      const facts = at(side);
      if (!facts) return [];
      const check = open(facts, {
        part: gear.axle,
        side,
        group: groupOf(side),
        quantity: 'counted',
        name: message('check.tyreAge', axleName(gear)),
        unit: 'years',
      });
      const { date } = loads.view.situation;
      const age = gear.ageCode === undefined || date === undefined ? null : tyreAge(gear.ageCode, date);
      const missing = age === null ? [missingOn(loads, side, gear.ageCode === undefined ? 'tyreAge' : 'date')] : [];
      return [{ ...check, ...judgeCounted('max', age, facts.figures.years), missing }];
    }),
});
