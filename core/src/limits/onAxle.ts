import type { RigView } from '../loading/rigView.ts';
import type { LimitName } from '../rig/limitNames.ts';
import type { GearAxle } from '../rig/runningGear.ts';
import type { QuantityName } from '../statics/rigRows.ts';

/** The plated limit of what stands on an axle, or a trailer's group. */
export const axleLimits: Readonly<Record<GearAxle, LimitName>> = {
  front: 'frontAxleMax',
  rear: 'rearAxleMax',
  tag: 'tagAxleMax',
  trailer: 'trailerAxlesMax',
};

const quantities: Readonly<Record<GearAxle, QuantityName>> = {
  front: 'frontAxle',
  rear: 'rearAxle',
  tag: 'tagAxle',
  trailer: 'trailerAxles',
};

/** The load that stands on an axle's wheels. With a tag axle the rear axle is the drive axle, and bears its share alone. */
export const axleLoad = ({ vehicle }: Pick<RigView, 'vehicle'>, axle: GearAxle): QuantityName =>
  axle === 'rear' && vehicle?.geometry.tagAxle ? 'driveAxle' : quantities[axle];
