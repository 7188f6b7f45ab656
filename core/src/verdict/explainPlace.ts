import { roomInPlaces, type PlaceRoom } from '../limits/roomInPlaces.ts';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import { message, verbatim } from '../messages/message.ts';
import type { Check } from '../checks/check.ts';
import type { Side } from '../statics/pointLoad.ts';
import { influenceAt, type Row } from '../statics/row.ts';
import type { Assessment } from './assess.ts';
import { explainCheck, placeOperands } from './explainCheck.ts';
import { work, type Explanation, type Operand, type Step } from './explanation.ts';

/** What lies in a place, thing by thing. @param key body/place */
export function explainContents({ loads }: Assessment, key: string): Explanation | null {
  const found = placeOf(loads.view, key);
  if (!found) return null;
  const name = verbatim(found.name);
  return { title: name, steps: [work('sum', placeOperands(loads, found.body, found.place), name)] };
}

/**
 * How much more a place takes: the margin of the limit that binds there, divided by what one kilogram put there uses up
 * of it. @param key body/place
 */
export function explainRoom(assessment: Assessment, key: string): Explanation | null {
  const found = roomInPlaces(assessment.loads.view, assessment.checks).find(
    (one) => `${one.body}/${one.place.id}` === key,
  );
  if (!found) return null;
  const title = message('step.roomIn', { place: verbatim(found.place.name) });
  const { room } = found;
  if (room.kind !== 'room' || !room.binding) return { title, steps: [] };
  return { title, steps: roomSteps(assessment, found, room.binding) };
}

function roomSteps({ loads }: Assessment, { side, ...found }: PlaceRoom, binding: Check): readonly Step[] {
  const { steps } = explainCheck(loads, binding);
  const x = found.x ?? 0;
  const bound = widestBound(binding, side, x);
  // A place bound by its own rating takes what its rating leaves.
  if (!bound) return steps;
  const perKg = work(
    'moments',
    [
      { name: message('step.atDatum'), value: bound.sign * bound.use[side].at0, unit: 'share' },
      { name: message('step.perMetre'), value: bound.sign * bound.use[side].perMetre, unit: 'share', x },
    ],
    message('step.perKilogram', { check: binding.name }),
    'share',
  );
  const margin: Operand = { name: message('step.left'), value: bound.margin, unit: 'kg' };
  return [...steps, perKg, work('quotient', [margin, perKg.result], message('step.room'))];
}

interface Bound {
  readonly margin: number;
  readonly use: Row;
  /** Turns the row into margin used up per kg: a least is judged by its margin, which shrinks. */
  readonly sign: 1 | -1;
}

/** Of two bounds of which either is enough, the one that lets more in. */
function widestBound(check: Check, side: Side, x: number): Bound | null {
  const sign = check.sense === 'max' ? 1 : -1;
  const own = check.use && check.margin !== null ? [{ margin: check.margin, use: check.use, sign } as const] : [];
  const other = check.either ? [{ ...check.either, sign } as const] : [];
  const most = (one: Bound) => one.margin / (one.sign * influenceAt(one.use, side, x));
  return [...own, ...other].sort((a, b) => most(b) - most(a))[0] ?? null;
}

function placeOf(view: RigView, key: string): { body: string; place: string; name: string } | null {
  for (const { body } of placedBodies(view)) {
    const place = body.places.find((one) => `${body.id}/${one.id}` === key);
    if (place) return { body: body.id, place: place.id, name: place.name };
  }
  return null;
}
