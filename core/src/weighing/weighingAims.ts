import { binds, type Check } from '../checks/check.ts';
import type { RigView } from '../loading/rigView.ts';
import type { QuantityName } from '../statics/rigRows.ts';
import type { Assessment } from '../verdict/assess.ts';

/** What one goes to the scale for: every load, only those the plan leaves in doubt, or what each weighs in all. */
export interface WeighingAim {
  readonly key: 'all' | 'doubt' | 'totals';
  readonly want: readonly QuantityName[];
}

/** The loads of a rig that a scale can settle, front to rear, then the totals. */
export function weighable({ vehicle, trailer }: Pick<RigView, 'vehicle' | 'trailer'>): readonly QuantityName[] {
  const rear: readonly QuantityName[] = vehicle?.geometry.tagAxle ? ['driveAxle', 'tagAxle'] : ['rearAxle'];
  return [
    ...(vehicle ? (['frontAxle', ...rear, 'vehicleTotal'] as const) : []),
    ...(trailer ? (['trailerAxles', 'ballLoad', 'trailerTotal'] as const) : []),
    ...(vehicle && trailer ? (['combination'] as const) : []),
  ];
}

const totals: readonly QuantityName[] = ['vehicleTotal', 'trailerTotal', 'combination'];
const share = (check: Check) => (check.margin ?? Infinity) / Math.max(check.limit ?? 1, 1);

/**
 * Three ready aims. In doubt is what the plan calls over, tight or not known; where nothing is, the load with the least left for
 * its limit. An aim that asks for the same loads as one before it is left out.
 */
export function weighingAims(
  assessment: Pick<Assessment, 'checks'> & { readonly view: RigView },
): readonly WeighingAim[] {
  const all = weighable(assessment.view);
  const names: readonly string[] = all;
  const judged = assessment.checks.filter((check) => binds(check) && names.includes(check.quantity));
  const open = judged.filter(({ status }) => status === 'over' || status === 'tight' || status === 'unknown');
  const closest = judged.filter(({ status }) => status === 'within').sort((a, b) => share(a) - share(b));
  const doubt = new Set<string>((open.length > 0 ? open : closest.slice(0, 1)).map(({ quantity }) => quantity));
  const aims: readonly WeighingAim[] = [
    { key: 'all', want: all },
    { key: 'doubt', want: all.filter((name) => doubt.has(name)) },
    { key: 'totals', want: all.filter((name) => totals.includes(name)) },
  ];
  const same = (a: WeighingAim, b: WeighingAim) => a.want.join() === b.want.join();
  return aims.filter((aim, at) => aim.want.length > 0 && !aims.slice(0, at).some((before) => same(before, aim)));
}
