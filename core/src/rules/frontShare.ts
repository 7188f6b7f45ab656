import { judgeLeast } from '../checks/judgeLoad.ts';
import { judgedAs, timesOf } from '../checks/newCheck.ts';
import { message, percent } from '../messages/message.ts';
import { quantityName } from './couplingTerms.ts';
import { defineRule } from './rule.ts';

/**
 * A front axle that has gone light steers and brakes badly. Advice of low confidence, as a share of the vehicle's own
 * load; a maker's stated least goes before it.
 */
export const frontShare = defineRule({
  id: 'axle.frontShare',
  group: 'axles',
  by: 'vehicle',
  asks: ['vehicle'],
  may: { solo: 'share', towing: 'share' },
  check({ loads, at, open }) {
    const facts = at('vehicle');
    const share = loads.view.trailer ? facts?.figures.towing : facts?.figures.solo;
    if (!facts || share === undefined) return [];
    const { frontAxle, vehicleTotal } = loads.values;
    const total = vehicleTotal.kind === 'known' ? vehicleTotal.value : null;
    const least = frontAxle.kind === 'known' && total !== null ? share * total : null;
    const check = open(facts, {
      side: 'vehicle',
      quantity: 'frontAxle',
      name: message('check.frontShare', {
        share: percent(share),
      }),
      sense: 'min',
    });
    const margin = loads.lessTimes('frontAxle', share, 'vehicleTotal');
    const judged = judgeLeast(loads, frontAxle, least, margin);
    return [judgedAs(check, judged, timesOf(quantityName('vehicleTotal'), total, share))];
  },
});
