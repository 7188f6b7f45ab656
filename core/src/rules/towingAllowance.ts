import type { Loads } from '../loads/loads.ts';
import { message, type Message } from '../messages/message.ts';
import type { LimitName } from '../rig/limitNames.ts';
import type { Limit } from '../rig/plated.ts';
import { plated } from './plated.ts';

/** How much more a place lets a maker allow, while towing only: a share of the plain limit, and no more than so many kg. */
export interface TowingMore {
  readonly towingShare?: number;
  readonly towingMostKg?: number;
}

/**
 * A maker may allow more on the vehicle and its rear axle, only while towing and only up to 100 km/h. It counts where the
 * papers state it and the place knows such a thing; never solo. Typed higher than the approval text permits it counts only up
 * to that. Regulation (EU) 1230/2012 and 2021/535, medium confidence on the road.
 */
export function whileTowing(
  loads: Loads,
  plain: LimitName,
  towing: LimitName,
  { towingShare, towingMostKg = Infinity }: TowingMore,
) {
  const allowed = Boolean(loads.view.trailer) && towingShare !== undefined;
  if (!allowed || plated(loads, towing, ['vehicle']).value === null) return { limit: plain };
  return {
    limit: towing,
    counted: (limit: Limit): Limit => {
      const own = plated(loads, plain, ['vehicle']).value;
      if (limit.value === null || own === null) return limit;
      return { ...limit, value: Math.min(limit.value, own + Math.min(towingShare * own, towingMostKg)) };
    },
    notes: (): readonly Message[] => [message('check.note.towingAllowance')],
  };
}
