import type { Check } from '../checks/check.ts';
import type { RigView } from '../loading/rigView.ts';
import { ballMax } from '../rules/coupling.ts';
import { towBraked } from '../rules/towing.ts';
import { assess } from '../verdict/assess.ts';

/** A limit a plate may give twice: as it stands with the bars of a distribution hitch in use, and without. */
export interface RatedBothWays {
  readonly on: Check;
  readonly off: Check;
}

const twice = [ballMax, towBraked];

/** The limits that may differ with the bars of the hitch, each both ways; those that are judged in neither are left out. */
export function ratedBothWays(view: RigView): readonly RatedBothWays[] {
  const { rig } = view;
  // What each plate says, whatever the makers have answered.
  const checksWith = (distribution: NonNullable<typeof rig.hitch>['distribution']) =>
    assess({ ...view, rig: { ...rig, hitch: { ...rig.hitch, distribution, distributionAllowed: 'yes' } } }).checks;
  const used = checksWith(rig.hitch?.distribution ?? { kind: 'fraction', fraction: 1 });
  const unused = checksWith(undefined);
  return twice.flatMap(({ id }) => {
    const [on, off] = [used.find((check) => check.id === id), unused.find((check) => check.id === id)];
    return on && off ? [{ on, off }] : [];
  });
}
