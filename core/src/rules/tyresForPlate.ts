import type { LimitPart } from '../checks/check.ts';
import { judgeCounted } from '../checks/newCheck.ts';
import { tyresAndPlate } from '../limits/tyresAndPlate.ts';
import { message } from '../messages/message.ts';
import { tyres, wheels } from './gear.ts';
import { onEveryAxle } from './onEveryAxle.ts';
import { defineRule } from './rule.ts';

/**
 * Tyres carry what their axle is plated for, however little stands on it today: a plate is the promise that it may be loaded so far. Where
 * trailers are towed at no more than 100 km/h their tyres may count for somewhat more than their index says.
 */
export const tyresForPlate = defineRule({
  id: 'gear.tyresForPlate',
  role: 'tyrePlate',
  group: 'axles',
  by: 'each',
  silence: 'gear',
  may: { trailerTimes: 'share' },
  check: ({ loads, at, open }) =>
    onEveryAxle(loads.view).flatMap(({ side, gear }) => {
      const facts = at(side);
      const body = loads.view[side];
      const found = body && tyresAndPlate(loads.view, body, gear);
      const rated = tyres(gear);
      if (!facts || !found || !rated) return [];
      const { plate, figures } = found;
      const times = side === 'trailer' ? (facts.figures.trailerTimes ?? 1) : 1;
      const check = open(facts, {
        part: gear.axle,
        side,
        group: side === 'trailer' ? 'trailer' : 'axles',
        quantity: 'plated',
        name: message('check.tyresForPlate', { axle: message(`gearAxle.${gear.axle}`) }),
      });
      const factors: LimitPart[] = [
        rated.each,
        wheels(gear),
        ...(times === 1 ? [] : [{ name: message('step.atHundred'), value: times, unit: 'share' as const }]),
      ];
      const notes = times > 1 && plate > rated.capacity ? [message('check.note.tyresAtHundred')] : [];
      const compared = judgeCounted('max', plate, rated.capacity * times);
      return [{ ...check, ...compared, figures, notes, worked: { op: 'product', of: factors } }];
    }),
});
