import { compile } from '../loads/compile.ts';
import type { RigView } from '../loading/rigView.ts';
import { coupleOf } from '../statics/distribution.ts';
import { effectiveOverhang } from '../statics/rigRows.ts';
import { notOnPlate } from '../scale/notOnPlate.ts';
import { weighingLengths } from '../scale/slipEquations.ts';
import type { Reading } from '../loading/ticket.ts';
import { readingOf } from '../scale/weighedLoads.ts';

/**
 * What the plan says a scale will show for a reading, kg; nothing rolls to one side. null: the plan knows too little, or
 * nothing of the rig stands there.
 */
export function foretold(view: RigView, reading: Reading): number | null {
  const { sums, values, lengths, massMissing, placeMissing } = compile(view);
  const own = compile({ ...view, trailer: undefined }).values;
  const known = (value: (typeof values)[keyof typeof values]) => (value.kind === 'known' ? value.value : null);
  const ball = known(values.ballLoad);
  const axles = lengths.trailer?.axlePosition;
  const couple = coupleOf(lengths.distribution, effectiveOverhang(lengths) ?? 0, axles ?? 1);
  const trailer = massMissing.trailer.length + placeMissing.trailer.length > 0 ? null : sums.trailer.mass;
  const unknowns: Readonly<Record<string, number | null>> = {
    F: known(own.frontAxle),
    R: known(own.rearAxle),
    B: ball,
    G: trailer === null || ball === null ? null : trailer - ball,
    tau: ball === null ? null : couple.perKg * ball + couple.fixed,
  };
  const weighed = weighingLengths(view, lengths);
  const of = readingOf(weighed, reading);
  if (!of) return null;
  let sum = 0;
  for (const [name, factor] of Object.entries(of)) {
    const value = name.startsWith('roll ') ? 0 : (unknowns[name] ?? null);
    if (value === null) return null;
    sum += factor * value;
  }
  const away = notOnPlate(view, reading, of, weighed);
  return away && sum - away.mass;
}
