import { kilograms, message, type Message } from '../messages/message.ts';
import { isMotorCaravan, type Body } from '../rig/body.ts';
import { standardPerson } from '../rig/bareMass.ts';
import { platedLimit } from '../rig/plated.ts';
import { payloadMinimum } from './payloadFigures.ts';
import type { RigView } from './rigView.ts';

/** kg of parts beside the empty figure: options are no payload. */
const fittedSince = ({ fitted }: Body): number =>
  fitted
    .filter(({ inEmptyMass }) => inEmptyMass === 'no')
    .reduce((sum, { on, off }) => sum + (on?.mass ?? 0) - (off?.mass ?? 0), 0);

/**
 * What a maker must have left for the owner of a motor caravan or caravan, against what the plate leaves after the empty figure
 * and what it leaves out: a buyer's question, never an owner's limit. null where it does not apply or too little is known.
 */
export function buyersPayload(view: RigView, side: 'vehicle' | 'trailer'): Message | null {
  const body = view[side];
  if (!body) return null;
  const max = platedLimit(view, side === 'vehicle' ? 'vehicleMax' : 'trailerMax', [body]).value;
  const empty = body.emptyMass;
  if (max === null || !empty?.basis.startsWith('running-order')) return null;
  if (body.kind === 'trailer') {
    const { berths, geometry } = body;
    if (berths === undefined || geometry.bodyLength === undefined || empty.total === undefined) return null;
    return said(berths, geometry.bodyLength, max - empty.total - fittedSince(body));
  }
  const { frontOverhang, wheelbase, rearOverhang, tagAxle } = body.geometry;
  const total = empty.total ?? ('frontAxle' in empty ? (empty.frontAxle ?? NaN) + (empty.rearAxle ?? NaN) : NaN);
  const length = (frontOverhang ?? NaN) + (wheelbase ?? NaN) + (tagAxle?.offset ?? 0) + (rearOverhang ?? NaN);
  if (!isMotorCaravan(body) || !Number.isFinite(total) || !Number.isFinite(length)) return null;
  const passengers = Math.max(0, body.seats.length - 1);
  return said(body.seats.length, length, max - total - fittedSince(body) - passengers * standardPerson);
}

function said(people: number, length: number, left: number): Message {
  const { minimumPayload, meets } = payloadMinimum(people, length, left);
  return message(meets ? 'buyer.meets' : 'buyer.short', {
    least: kilograms(minimumPayload, 'nearest'),
    left: kilograms(left, 'margin'),
    people: String(people),
    length: { kind: 'amount', unit: 'm', value: length, rounding: 'nearest' },
  });
}
