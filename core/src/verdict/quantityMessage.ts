import type { RigView } from '../loading/rigView.ts';
import { message, term, type Message } from '../messages/message.ts';
import { quantityTerm } from '../rules/couplingTerms.ts';
import type { QuantityName } from '../statics/rigRows.ts';

/** A load in the words of the region: "tow ball mass" or "nose weight", a pin load on a fifth wheel. */
export const quantityMessage = (view: RigView, quantity: QuantityName): Message =>
  message('step.quantity', { quantity: term(quantityTerm(view, quantity)) });
