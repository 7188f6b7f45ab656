import { compile } from '../loading/compile.ts';
import type { RigView } from '../loading/rigView.ts';
import { coupleOf } from '../statics/distribution.ts';
import { effectiveOverhang } from '../statics/rigRows.ts';
import { weighingLengths } from '../weighing/measured.ts';
import type { Reading, Ticket } from '../weighing/ticket.ts';
import { readingOf } from '../weighing/weighedLoads.ts';

export type Stood = Pick<Reading, 'state' | 'on'> & Partial<Pick<Reading, 'support' | 'bars' | 'side'>>;

/** A slip with these readings, on a scale fine enough to be the truth unless its steps are given. */
export const ticketOf = (
  view: RigView,
  readings: readonly (Stood & { readonly value: number })[],
  graduation = 1,
  more: Partial<Ticket> = {},
): Ticket => ({
  id: 'slip',
  rig: view.rig.id,
  name: 'Slip',
  graduation,
  readings: readings.map((one, at) => ({ ...one, id: `reading-${at}` })),
  ...more,
});

/** The loads of the plan by the names of the unknowns; everything lies on the centre line. */
function truth(view: RigView): Readonly<Record<string, number>> {
  const { values, lengths } = compile(view);
  const kg = (name: keyof typeof values) => {
    const value = values[name];
    return value.kind === 'known' ? value.value : NaN;
  };
  const solo = compile({ ...view, trailer: undefined }).values;
  const own = (name: 'frontAxle' | 'rearAxle') => (solo[name].kind === 'known' ? solo[name].value : NaN);
  const B = kg('ballLoad');
  const axles = lengths.trailer?.axlePosition;
  const { perKg, fixed } = coupleOf(lengths.distribution, effectiveOverhang(lengths) ?? 0, axles ?? 1);
  return { F: own('frontAxle'), R: own('rearAxle'), B, G: kg('trailerTotal') - B, tau: perKg * B + fixed };
}

/** What a scale without any error would show of the plan. */
export function shown(view: RigView, stood: Stood): number {
  const unknowns = truth(view);
  const lengths = { jockey: 0.4, ...weighingLengths(view, compile(view)) };
  const of = readingOf(lengths, { ...stood, id: 'asked', value: 0 }) ?? {};
  return Object.entries(of).reduce(
    (sum, [name, factor]) => sum + factor * (unknowns[name] ?? (name.startsWith('roll') ? 0 : NaN)),
    0,
  );
}

/** A slip on which the scale shows the plan, each reading changed by so much. */
export const slipOf = (
  view: RigView,
  stood: readonly Stood[],
  graduation = 1,
  more: Partial<Ticket> = {},
  off: readonly number[] = [],
): Ticket =>
  ticketOf(
    view,
    stood.map((one, at) => ({ ...one, value: shown(view, one) + (off[at] ?? 0) })),
    graduation,
    more,
  );
