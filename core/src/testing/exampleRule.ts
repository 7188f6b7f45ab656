import { judgeCounted, timesOf } from '../checks/newCheck.ts';
import { message } from '../messages/message.ts';
import { plated } from '../rules/plated.ts';
import { defineRule } from '../rules/rule.ts';

/** Invented, to show how: nowhere may a trailer be plated for more than a share of the vehicle's plate because of this. */
export const invented = defineRule({
  id: 'tow.invented',
  group: 'combination',
  by: 'vehicle',
  asks: ['trailer', 'vehicle'],
  needs: { share: 'share' },
  may: { onlyUnbraked: 'flag' },
  places: {
    CH: { kind: 'legal', confidence: 'low', source: 'inventedLaw', figures: { share: 0.8 }, from: '2031-01-01' },
  },
  check({ loads, at, open }) {
    const facts = at('vehicle');
    if (!facts || (facts.figures.onlyUnbraked && loads.view.trailer?.braked)) return [];
    const car = plated(loads, 'vehicleMax', ['vehicle']);
    const towed = plated(loads, 'trailerMax', ['trailer']);
    const name = message('check.invented');
    const limit = car.value === null ? null : facts.figures.share * car.value;
    return [
      {
        ...open(facts, { side: 'vehicle', quantity: 'plated', name }),
        ...judgeCounted('max', towed.value, limit),
        ...timesOf(name, car.value, facts.figures.share),
        figures: towed.figures,
        missing: [...car.missing, ...towed.missing],
      },
    ];
  },
});
