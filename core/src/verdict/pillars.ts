import type { Message } from '../messages/message.ts';
import { binds, type Check } from '../checks/check.ts';
import type { Side } from '../statics/pointLoad.ts';
import { couplingPosition, type QuantityName } from '../statics/rigRows.ts';
import type { Assessment } from './assess.ts';
import { quantityMessage } from './quantityMessage.ts';

/** One support of the rig, for the drawing: where it stands, what it carries, and the check with the least left. */
export interface Pillar {
  readonly quantity: QuantityName;
  readonly name: Message;
  readonly side: Side;
  /** m on its body; null where the geometry does not say. */
  readonly x: number | null;
  readonly check: Check | null;
}

const ranks: Readonly<Record<Check['status'], number>> = { over: 0, tight: 1, unknown: 2, within: 3, notApplicable: 4 };

/** Axles and coupling, front to rear. */
export function pillars(assessment: Assessment): readonly Pillar[] {
  const { view, lengths } = assessment.loads;
  const { wheelbase, tagAxle } = lengths.vehicle ?? {};
  const at = (quantity: QuantityName, side: Side, x: number | undefined): Pillar => ({
    quantity,
    name: quantityMessage(view, quantity),
    side,
    x: x ?? null,
    check: worstOf(assessment.checks, quantity),
  });
  const rear = tagAxle
    ? [
        at('driveAxle', 'vehicle', wheelbase),
        at('tagAxle', 'vehicle', wheelbase === undefined ? undefined : wheelbase + tagAxle.offset),
      ]
    : [at('rearAxle', 'vehicle', wheelbase)];
  const trailer = view.trailer
    ? [
        view.vehicle ? at('ballLoad', 'vehicle', couplingPosition(lengths)) : at('ballLoad', 'trailer', 0),
        at('trailerAxles', 'trailer', lengths.trailer?.axlePosition),
      ]
    : [];
  return view.vehicle ? [at('frontAxle', 'vehicle', 0), ...rear, ...trailer] : trailer;
}

/** The check that says most about a support: over before tight before unknown, then the one with the least left. */
function worstOf(checks: readonly Check[], quantity: QuantityName): Check | null {
  const mine = checks.filter(
    (check) => check.quantity === quantity && binds(check) && check.status !== 'notApplicable',
  );
  return (
    mine.sort((a, b) => ranks[a.status] - ranks[b.status] || (a.margin ?? Infinity) - (b.margin ?? Infinity))[0] ?? null
  );
}
