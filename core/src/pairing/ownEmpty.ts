import type { Loads } from '../loads/loads.ts';
import type { Body } from '../rig/body.ts';

/** What keeps nobody from saying what a body weighs: what is in it, and a tank whose fuel its empty figure counts. */
const aside = ['contents', 'fuelTank'];

/** kg of a body as its papers have it, with what was fitted since or is not in its empty figure; null where they do not say. */
export function ownEmpty({ bodies }: Pick<Loads, 'bodies'>, body: Body | undefined): number | null {
  const own = body && bodies[body.id];
  const known = own && own.bare > 0 && own.missing.every(({ code }) => aside.includes(code));
  return known ? own.bare + own.fitted : null;
}
