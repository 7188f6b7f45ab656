import type { Body } from './body.ts';
import type { LimitName } from './limitNames.ts';
import type { Missing } from './missing.ts';
import type { PlatedFigure } from './plate.ts';
import { heldFigures, platedLimit, type Hitched, type Limit } from './plated.ts';

/** A figure that is known, or bounds of it, or neither. */
export interface Figure {
  readonly least: number;
  readonly most: number;
  readonly missing: readonly Missing[];
}

/** The figure a body is registered with, or the bounds of it where several are stated, with those it may be. */
export interface Registered extends Figure {
  readonly figures: readonly PlatedFigure[];
  /** Each value it may have, lowest first; none where none is stated. */
  readonly among: readonly number[];
}

/**
 * The figure that licence, speed, tax, tolls and inspections go by: the registered one, and not the lowest that holds. Figures
 * that say they are registered count, and those on registration papers, the newest where all bear a day. Where none does, any that is
 * not said to be something else may be it: where they agree it is that; where they do not, only its bounds are known.
 */
export function registered(view: Hitched, limit: LimitName, body: Body | undefined): Registered {
  const held = heldFigures(view, body, limit);
  const own = held.filter(isRegistered);
  const figures = own.length > 0 ? newest(own) : held.filter(({ stands }) => stands === undefined);
  const among = [...new Set(figures.map(({ value }) => value))].sort((a, b) => a - b);
  const [least, most] = [among[0], among.at(-1)];
  const open: Missing = { code: 'registered', body: body?.id ?? '', bodyName: body?.name ?? '', limit };
  if (least === undefined || most === undefined) {
    // Stated is only what it is built for or was: the registered one is what is missing.
    const missing = held.length > 0 ? [open] : platedLimit(view, limit, [body]).missing;
    return { least: 0, most: Infinity, missing, figures, among };
  }
  return { least, most, missing: most > least ? [open] : [], figures, among };
}

/** Whether a figure says of itself, or by the paper it stands on, that it is the registered one. */
export const isRegistered = ({ stands, source }: PlatedFigure): boolean =>
  stands === 'registered' || (stands === undefined && source === 'registration');

/** The figures of the last day, where every one of them has a day. */
function newest(figures: readonly PlatedFigure[]): readonly PlatedFigure[] {
  const days = figures.map(({ date }) => date ?? '').sort();
  return days[0] === '' ? figures : figures.filter(({ date }) => date === days.at(-1));
}

/** The same as a limit to compare with: no value where it is not known which of several is registered. */
export function registeredLimit(view: Hitched, limit: LimitName, body: Body | undefined): Limit {
  const { among, figures, missing } = registered(view, limit, body);
  return { value: among.length === 1 ? (among[0] ?? null) : null, figures, missing, doubtful: [] };
}
