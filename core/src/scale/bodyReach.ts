import type { RigView } from '../loading/rigView.ts';
import type { Side } from '../statics/pointLoad.ts';

/** Where a body begins and ends, m from its datum; null: nobody has said how long it is. */
export function bodyReach(view: RigView, side: Side): { readonly from: number; readonly to: number } | null {
  if (side === 'trailer') {
    const { drawbarLength, bodyLength } = view.trailer?.geometry ?? {};
    return drawbarLength === undefined || bodyLength === undefined ? null : { from: 0, to: drawbarLength + bodyLength };
  }
  const { frontOverhang, wheelbase, rearOverhang, tagAxle } = view.vehicle?.geometry ?? {};
  if (frontOverhang === undefined || wheelbase === undefined || rearOverhang === undefined) return null;
  return { from: -frontOverhang, to: wheelbase + (tagAxle?.offset ?? 0) + rearOverhang };
}
