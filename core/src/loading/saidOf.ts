import type { Body } from '../rig/body.ts';
import type { Loadout } from './loadout.ts';
import type { Said } from './saidSchema.ts';

/** What is said of a body in the plan; undefined: nothing. */
export const saidOf = ({ loadout }: { readonly loadout: Loadout }, body: Body | undefined): Said | undefined =>
  body && loadout.said?.find((one) => one.body === body.id);
