import { ballShare, usualBallShare, type Assessment } from '@wagonomos/core';
import { written } from '@wagonomos/papers/words';

/** What rests on the coupling in per cent of the loaded trailer, as its range where it rests on what is usual; null: not known. */
export function ballShareWords(loads: Assessment['loads']): string | null {
  const usual = usualBallShare(loads);
  if (usual) return `${written(100 * usual.from, 0)}–${written(100 * usual.to, 0)}`;
  const part = ballShare(loads);
  return part === null ? null : written(100 * part, 1);
}
