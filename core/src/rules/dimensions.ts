import { judgeCounted } from '../checks/newCheck.ts';
import { outfitLength } from '../loading/outfitLength.ts';
import { message, verbatim } from '../messages/message.ts';
import { defineRule } from './rule.ts';

/** No body is wider than the road allows. Widths nobody has given are not judged. */
export const widthRule = defineRule({
  id: 'body.width',
  group: 'combination',
  by: 'each',
  silence: 'dimensions',
  needs: { mostM: 'm' },
  check: ({ loads, at, open }) =>
    (['vehicle', 'trailer'] as const).flatMap((side) => {
      const facts = at(side);
      const body = loads.view[side];
      const width = body?.geometry.width;
      if (!facts || !body || width === undefined) return [];
      const name = message('check.width', { body: verbatim(body.name) });
      const check = open(facts, { part: side, side, quantity: 'counted', name, unit: 'm' });
      return [{ ...check, ...judgeCounted('max', width, facts.figures.mostM) }];
    }),
});

/** Neither a vehicle by itself nor an outfit is longer than allowed. Of lengths that are known in part it is over or not judged. */
export const lengthRule = defineRule({
  id: 'body.length',
  group: 'combination',
  by: 'vehicle',
  asks: ['vehicle'],
  silence: 'dimensions',
  needs: { aloneM: 'm', togetherM: 'm' },
  check({ loads, at, open }) {
    const facts = at('vehicle');
    const { least, most } = outfitLength(loads.view);
    if (!facts) return [];
    const { aloneM, togetherM } = facts.figures;
    const limit = loads.view.trailer ? togetherM : aloneM;
    if (least <= limit && most > limit) return [];
    const name = message(loads.view.trailer ? 'check.lengthTogether' : 'check.length');
    const check = open(facts, { side: 'vehicle', quantity: 'counted', name, unit: 'm' });
    return [{ ...check, ...judgeCounted('max', least, limit) }];
  },
});
