import type { Compiled } from '../loading/compile.ts';
import { message } from '../messages/message.ts';
import type { Check } from './check.ts';
import { factsFor, judgeLeast } from './context.ts';
import { lessTimes } from './lessTimes.ts';
import { judgedAs, newCheck } from './newCheck.ts';

/**
 * A front axle that has gone light steers and brakes badly. Advice of low confidence, as a share of the vehicle's own
 * load; a maker's stated least goes before it.
 */
export function frontShareCheck(compiled: Compiled): readonly Check[] {
  const facts = factsFor(compiled, 'vehicle', 'axle.frontShare');
  const share = compiled.view.trailer ? facts?.figures?.['towing'] : facts?.figures?.['solo'];
  if (!facts || share === undefined) return [];
  const { frontAxle, vehicleTotal } = compiled.values;
  const both = frontAxle.kind === 'known' && vehicleTotal.kind === 'known';
  const least = both ? share * vehicleTotal.value : null;
  const margin = lessTimes(compiled, frontAxle, share, vehicleTotal);
  const check = newCheck(compiled, {
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
  return [judgedAs(check, judgeLeast(compiled, frontAxle, least, margin))];
}
