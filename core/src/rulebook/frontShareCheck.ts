import type { Loads } from '../loads/loads.ts';
import { message } from '../messages/message.ts';
import type { Check } from '../checks/check.ts';
import { judgeLeast } from '../checks/judgeLoad.ts';
import { factsFor } from './context.ts';
import { judgedAs, newCheck } from '../checks/newCheck.ts';

/**
 * A front axle that has gone light steers and brakes badly. Advice of low confidence, as a share of the vehicle's own
 * load; a maker's stated least goes before it.
 */
export function frontShareCheck(loads: Loads): readonly Check[] {
  const facts = factsFor(loads, 'vehicle', 'axle.frontShare');
  const share = loads.view.trailer ? facts?.figures?.['towing'] : facts?.figures?.['solo'];
  if (!facts || share === undefined) return [];
  const { frontAxle, vehicleTotal } = loads.values;
  const both = frontAxle.kind === 'known' && vehicleTotal.kind === 'known';
  const least = both ? share * vehicleTotal.value : null;
  const margin = loads.lessTimes('frontAxle', share, 'vehicleTotal');
  const check = newCheck(loads, {
    rule: 'axle.frontShare',
    facts,
    side: 'vehicle',
    group: 'axles',
    quantity: 'frontAxle',
    name: message('check.frontShare', {
      share: { kind: 'amount', unit: 'percent', value: share * 100, rounding: 'nearest' },
    }),
    sense: 'min',
  });
  return [judgedAs(check, judgeLeast(loads, frontAxle, least, margin))];
}
