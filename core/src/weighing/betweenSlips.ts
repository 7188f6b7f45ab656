import type { Compiled } from '../loads/compile.ts';
import type { RigView } from '../loading/rigView.ts';
import { verbatim, type Message } from '../messages/message.ts';
import type { Side } from '../statics/pointLoad.ts';
import { effectiveWheelbase } from '../statics/rigRows.ts';
import { slipPicture } from './measured.ts';
import { reconcile, type Unlisted } from './reconcile.ts';
import type { Ticket } from '../loading/ticket.ts';
import { bodyReach } from '../scale/bodyReach.ts';
import { viewThen } from '../scale/viewThen.ts';
import type { Settled } from './weighedSides.ts';

/** A mass and its moment about the body's datum, kg and kg·m. */
interface MassMoment {
  readonly mass: number;
  readonly moment: number;
}

/** What changed on one body between two slips. */
export interface BodyChange {
  readonly side: Side;
  readonly body: string;
  /** Later less earlier slip. */
  readonly weighed: Settled;
  /** What of it the two loadouts explain: people, tanks, things. */
  readonly load: MassMoment;
  /** Parts fitted and taken off in between, by the ledger. */
  readonly parts: readonly (MassMoment & { readonly id: string; readonly name: Message; readonly date: string })[];
  /** What is left, and where it must sit where both slips tell. */
  readonly unexplained: Unlisted;
}

/**
 * Before and after: two slips brought to one load state, beside the ledger of what was fitted and taken off in between.
 * Bodies whose total both slips settle; where it sits only where both settle both of its supports.
 */
export function betweenSlips(view: RigView, earlier: Ticket, later: Ticket): readonly BodyChange[] {
  const known = (ticket: Ticket) => {
    return slipPicture(
      view,
      ticket,
      viewThen(view, ticket, ({ foundBy }) => foundBy !== undefined),
    );
  };
  const [before, after] = [known(earlier), known(later)];
  return (['vehicle', 'trailer'] as const).flatMap((side): readonly BodyChange[] => {
    const body = view[side];
    if (!body || unlike(before.planned, side) || unlike(after.planned, side)) return [];
    const supports = side === 'vehicle' ? (['F', 'R'] as const) : (['B', 'G'] as const);
    const total = { [supports[0]]: 1, [supports[1]]: 1 };
    const [a, b] = [before.estimate(total), after.estimate(total)];
    if (!a || !b) return [];
    const parts = partsBetween(after.planned, side, earlier, later);
    const change = loadChange(before.planned, after.planned, side);
    const fitted = sum(parts);
    const load = { mass: change.mass - fitted.mass, moment: change.moment - fitted.moment };
    const weighed = { value: b.value - a.value, se: Math.hypot(a.se, b.se) };
    const ends = supports.map((name) => [before.estimate({ [name]: 1 }), after.estimate({ [name]: 1 })] as const);
    return [
      {
        side,
        body: body.id,
        weighed,
        load,
        parts,
        unexplained: left(view, side, ends, weighed, change, before.planned),
      },
    ];
  });
}

type End = readonly [Settled | null, Settled | null];

function left(
  view: RigView,
  side: Side,
  [near, far]: readonly End[],
  weighed: Settled,
  planned: MassMoment,
  { lengths, placeMissing }: Compiled,
): Unlisted {
  const span = side === 'vehicle' ? effectiveWheelbase(lengths) : view.trailer?.geometry.axlePosition;
  if (!near?.[0] || !near[1] || !far?.[0] || !far[1] || span === undefined || placeMissing[side].length > 0) {
    const nowhere = { moment: null, momentError: null, x: null, xError: null, inside: null };
    return { mass: weighed.value - planned.mass, massError: weighed.se, ...nowhere };
  }
  const ends = {
    near: near[1].value - near[0].value,
    far: far[1].value - far[0].value,
    nearError: Math.hypot(near[0].se, near[1].se),
    farError: Math.hypot(far[0].se, far[1].se),
    span,
  };
  return reconcile(ends, planned, bodyReach(view, side));
}

const sum = (list: readonly MassMoment[]): MassMoment =>
  list.reduce((all, one) => ({ mass: all.mass + one.mass, moment: all.moment + one.moment }), { mass: 0, moment: 0 });

/** What is not known and may have changed in between. An empty body nobody knows is the same on both slips. */
const unlike = ({ massMissing }: Compiled, side: Side): boolean =>
  massMissing[side].some(({ code }) => code !== 'emptyMass');

const loadChange = (before: Compiled, after: Compiled, side: Side): MassMoment => ({
  mass: after.sums[side].mass - before.sums[side].mass,
  moment: after.sums[side].moment - before.sums[side].moment,
});

/** The loads of parts dated after the earlier slip; those after the later one are not in its plan. */
function partsBetween(after: Compiled, side: Side, earlier: Ticket, later: Ticket): BodyChange['parts'] {
  const { date: from } = earlier;
  if (from === undefined || later.date === undefined) return [];
  const fitted = [after.view[side], ...(side === 'vehicle' ? [after.view.camper] : [])].flatMap(
    (body) => body?.fitted ?? [],
  );
  return fitted.flatMap(({ id, name, date }) => {
    if (date === undefined || date <= from) return [];
    const loads = after.points.filter((load) => load.origin === 'fitted' && load.id === id && load.side === side);
    const total = sum(loads.map((load) => ({ mass: load.mass, moment: load.mass * (load.x ?? 0) })));
    return loads.length > 0 ? [{ id, name: verbatim(name), date, ...total }] : [];
  });
}
