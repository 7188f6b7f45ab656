import { judgePresence } from '../checks/newCheck.ts';
import { message } from '../messages/message.ts';
import { missingOn } from './missingOn.ts';
import { defineRule } from './rule.ts';

/** Behind a trailer wider than the car the road behind must still be seen. Widths nobody has given are not judged. */
export const mirrors = defineRule({
  id: 'mirrors.wide',
  group: 'combination',
  by: 'vehicle',
  asks: ['vehicle', 'trailer'],
  silence: 'dimensions',
  check({ loads, at, open }) {
    const facts = at('vehicle');
    const { vehicle, trailer } = loads.view;
    const [own, towed] = [vehicle?.geometry.width, trailer?.geometry.width];
    if (!facts || !vehicle || own === undefined || towed === undefined) return [];
    const check = open(facts, { side: 'vehicle', quantity: 'answer', name: message('check.mirrors') });
    if (towed <= own) return [{ ...check, status: 'notApplicable', notes: [message('check.no.wider')] }];
    return [{ ...check, ...judgePresence(vehicle.mirrors, missingOn(loads, 'vehicle', 'mirrors')) }];
  },
});
