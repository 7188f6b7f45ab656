import type { RigView } from '../loading/rigView.ts';
import type { LimitName, PlateSource } from '../rig/limitNames.ts';
import { heldFigures } from '../rig/plated.ts';
import { applyPackages, bodyPlates } from './applyPackage.ts';
import type { UprateCase } from './uprateCase.ts';

/** One figure that a case sets anew. kg; kN for D and V values. */
export interface NewFigure {
  readonly of: 'vehicle' | 'trailer';
  readonly limit: LimitName;
  readonly part: PlateSource | undefined;
  /** As it stands now; null: on no plate yet. */
  readonly now: number | null;
  /** As the packages have it; null where they only add to a figure nobody has stated. */
  readonly expected: number | null;
  /** As the owner has read it off the new plate; null: not yet. */
  readonly read: number | null;
}

/** Which figures the packages of a case change, each once. */
export function newFigures(view: RigView, { packages, certified }: UprateCase): readonly NewFigure[] {
  const then = applyPackages(view, packages);
  const seen = new Set<string>();
  return packages.flatMap(({ of, limits }) =>
    limits.flatMap(({ limit, part, to }): readonly NewFigure[] => {
      const key = `${of}.${limit}.${part ?? ''}`;
      if (!view[of] || seen.has(key)) return [];
      seen.add(key);
      const read = certified.find((one) => one.of === of && one.limit === limit && one.part === part);
      const now = stated(view, of, limit, part);
      return [
        {
          of,
          limit,
          part,
          now,
          expected: stated(then, of, limit, part) ?? to ?? null,
          read: read?.value ?? null,
        },
      ];
    }),
  );
}

/** The least figure for a limit that holds, on the plates of the body itself or on that of a part. null: none. */
export const stated = (
  view: RigView,
  of: 'vehicle' | 'trailer',
  limit: LimitName,
  part: PlateSource | undefined,
): number | null =>
  heldFigures(view, view[of], limit).find(({ source }) => (part ? source === part : bodyPlates.includes(source)))
    ?.value ?? null;
