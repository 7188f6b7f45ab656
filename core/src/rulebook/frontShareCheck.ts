import { valueOf, type Compiled } from '../loading/compile.ts';
import { message } from '../messages/message.ts';
import { combineRows } from '../statics/row.ts';
import type { Check } from './check.ts';
import { factsFor, judgeLeast, regionFor } from './context.ts';

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
  const margin = both ? valueOf(compiled, combineRows(frontAxle.row, -share, vehicleTotal.row)) : frontAxle;
  return [
    {
      id: 'axle.frontShare',
      rule: 'axle.frontShare',
      region: regionFor(compiled, 'vehicle'),
      kind: facts.kind,
      group: 'axles',
      quantity: 'frontAxle',
      name: message('check.frontShare', {
        share: { kind: 'amount', unit: 'percent', value: share * 100, rounding: 'nearest' },
      }),
      sense: 'min',
      required: false,
      source: facts,
      figures: [],
      notes: [],
      ...judgeLeast(compiled, frontAxle, both ? share * vehicleTotal.value : null, margin),
    },
  ];
}
