import { message, term, type Message } from '../messages/message.ts';
import type { RigView } from '../loading/rigView.ts';
import { isFifthWheel } from '../rig/body.ts';
import type { LimitName } from '../rig/limitNames.ts';
import type { QuantityName } from '../statics/rigRows.ts';

/** On a fifth wheel the ball load is a pin load, and so is its limit. */
export const limitTerm = (view: RigView, limit: LimitName): string =>
  limit === 'ballMax' && isFifthWheel(view.trailer) ? 'pinMax' : limit;

/** A vehicle that tows nothing is not coupled; a pin bears a pin load. */
export function quantityTerm(view: RigView, quantity: QuantityName): string {
  if (quantity === 'vehicleTotal' && !view.trailer) return 'vehicleSolo';
  return quantity === 'ballLoad' && isFifthWheel(view.trailer) ? 'pinLoad' : quantity;
}

/** A load by its own name, where arithmetic uses it. */
export const quantityName = (quantity: QuantityName): Message => message('step.quantity', { quantity: term(quantity) });
