import type { Combination } from '../scale/combination.ts';

/** Relative to what it came from: what is smaller is rounding. */
const negligible = 1e-9;

/**
 * Whether each of the asked combinations is made up of the given ones, by elimination. A quick answer to "is it settled?",
 * without values and errors.
 */
export function spans(given: readonly Combination[], asked: readonly Combination[]): boolean {
  const rows: { readonly lead: string; readonly of: Record<string, number> }[] = [];
  for (const one of given) {
    const rest = reduced(one, rows);
    const lead = leadOf(rest, one);
    if (lead !== null) rows.push({ lead, of: rest });
  }
  return asked.every((one) => leadOf(reduced(one, rows), one) === null);
}

/** What is left of a combination once all leads are taken out. A later row holds no lead of an earlier one. */
function reduced(
  of: Combination,
  rows: readonly { readonly lead: string; readonly of: Readonly<Record<string, number>> }[],
): Record<string, number> {
  const rest: Record<string, number> = { ...of };
  for (const row of rows) {
    const factor = (rest[row.lead] ?? 0) / (row.of[row.lead] ?? 1);
    if (factor === 0) continue;
    for (const [name, value] of Object.entries(row.of)) rest[name] = (rest[name] ?? 0) - factor * value;
    rest[row.lead] = 0;
  }
  return rest;
}

/** The name with the largest factor left, or null where all that is left is rounding. */
function leadOf(rest: Readonly<Record<string, number>>, from: Combination): string | null {
  const scale = Math.max(0, ...Object.values(from).map(Math.abs));
  let lead: string | null = null;
  let largest = negligible * scale;
  for (const [name, value] of Object.entries(rest)) {
    if (Math.abs(value) > largest) [lead, largest] = [name, Math.abs(value)];
  }
  return lead;
}
