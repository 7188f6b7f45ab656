import type { RigView } from '../loading/rigView.ts';
import { isFifthWheel } from '../rig/body.ts';
import type { LimitName } from '../rig/limitNames.ts';
import type { QuantityName } from '../statics/rigRows.ts';

/** On a fifth wheel the ball load is a pin load, and so is its limit. */
export const limitTerm = (view: RigView, limit: LimitName): string =>
  limit === 'ballMax' && isFifthWheel(view.trailer) ? 'pinMax' : limit;

export const quantityTerm = (view: RigView, quantity: QuantityName): string =>
  quantity === 'ballLoad' && isFifthWheel(view.trailer) ? 'pinLoad' : quantity;
