import type { RigView } from '../loading/rigView.ts';
import type { Ticket } from '../loading/ticket.ts';
import { withTypical } from '../loading/typical.ts';
import { compile } from '../loads/compile.ts';
import { viewThen } from '../scale/viewThen.ts';
import { leversOf } from '../state/askedLoads.ts';
import { stateSlips } from '../state/keptSlips.ts';
import { sigmaOf, sumKnown } from '../state/known.ts';
import { bodyCombinations, type Levers } from '../state/slipToday.ts';
import { noticeable, unlistedOf, type UnlistedMass } from '../state/underTotal.ts';
import type { Side } from '../statics/pointLoad.ts';
import type { Unlisted } from './reconcile.ts';

/** What a slip found on one body that the plan does not list. */
export interface UnlistedOn extends Unlisted {
  readonly side: Side;
  readonly body: string;
}

/**
 * A slip beside the plan, body by body, where the slip settles both supports of a body and the plan knows its masses and
 * places: a vehicle by its axles alone, a trailer by coupling and axles. The plan is that of the day of the slip: the loadout
 * kept with it, where one was kept, else today's; and no parts fitted later.
 */
export function unlistedOn(view: RigView, ticket: Ticket): readonly UnlistedOn[] {
  const then = withTypical(viewThen(view, ticket));
  const plan = compile(then);
  const levers = leversOf(then, plan.lengths);
  const [slip] = stateSlips({ ...then, slips: [{ ticket, then }] }, plan);
  return (['vehicle', 'trailer'] as const).flatMap((side): readonly UnlistedOn[] => {
    const body = view[side];
    const listed = slip?.listed(side);
    const kg = slip && listed ? unlistedOf(side, 0, slip, listed, levers) : null;
    const far = slip && listed ? unlistedOf(side, 0, slip, listed, levers, bodyCombinations[side].far) : null;
    return body && kg && far ? [{ body: body.id, ...whereItSits({ side, kg, far }, levers) }] : [];
  });
}

/**
 * How much it is and where it must sit, m from the body's datum: by what of it rests on the far end, each with one standard
 * deviation, first order. Nowhere where it is no more than chance, or where the slip did not tell the body's ends apart.
 */
export function whereItSits(
  { side, kg, far }: Pick<UnlistedMass, 'side' | 'kg' | 'far'>,
  { span: spans, reaches }: Levers,
): Omit<UnlistedOn, 'body'> {
  const span = spans[side];
  const found = { side, mass: kg.value, massError: sigmaOf(kg) };
  if (!far || span === undefined)
    return { ...found, moment: null, momentError: null, x: null, xError: null, inside: null };
  const turning = { ...found, moment: span * far.value, momentError: span * sigmaOf(far) };
  if (!noticeable(kg)) return { ...turning, x: null, xError: null, inside: null };
  const x = (span * far.value) / kg.value;
  const doubt = sumKnown([
    [span / kg.value, far],
    [-x / kg.value, kg],
  ]);
  const reach = reaches[side];
  return { ...turning, x, xError: sigmaOf(doubt), inside: reach && x >= reach.from && x <= reach.to };
}
