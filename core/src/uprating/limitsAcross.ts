import { bindsLoad, type Check } from '../checks/check.ts';

/** One way the rig is or was loaded: a loadout, or a slip. */
export interface LimitColumn {
  readonly id: string;
  readonly checks: readonly Check[];
}

/** One limit through all of them: what is left of it in each, kg; null where it is not judged there. */
export interface LimitRow {
  /** As the first column that judges it has it. */
  readonly check: Check;
  readonly margins: readonly (number | null)[];
  readonly least: number;
}

/** Further from the limit than this share of it, in every column, it is in nobody's way. */
const nearShare = 0.2;

/** The limits that are over or near in any of the columns, the tightest first. */
export function limitsAcross(columns: readonly LimitColumn[]): readonly LimitRow[] {
  const counted = columns.map(({ checks }) => new Map(checks.filter(bindsLoad).map((check) => [check.id, check])));
  const ids = new Set(counted.flatMap((column) => [...column.keys()]));
  return [...ids]
    .flatMap((id): readonly LimitRow[] => {
      const found = counted.map((column) => column.get(id));
      const check = found.find((one) => one !== undefined);
      if (!check) return [];
      const margins = found.map((one) => one?.margin ?? null);
      const least = Math.min(...margins.flatMap((margin) => margin ?? []));
      const near = found.some((one) => one && (one.margin ?? Infinity) < nearShare * (one.limit ?? 0));
      return near ? [{ check, margins, least }] : [];
    })
    .sort((a, b) => a.least - b.least);
}
