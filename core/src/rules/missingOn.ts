import type { Loads } from '../loads/loads.ts';
import type { Missing, SeenCode } from '../rig/missing.ts';
import type { Side } from '../statics/pointLoad.ts';

/** A fact of a body that nobody has read. */
export function missingOn({ view }: Loads, side: Side, code: SeenCode): Missing {
  const body = view[side];
  return { code, body: body?.id ?? '', bodyName: body?.name ?? '' };
}
