import type { RigView } from '../loading/rigView.ts';
import type { RunningGear } from '../rig/runningGear.ts';
import type { Side } from '../statics/pointLoad.ts';

/** Every axle whose tyres, wheels or springs somebody has described, the vehicle's first. */
export const onEveryAxle = ({
  vehicle,
  trailer,
}: RigView): readonly { readonly side: Side; readonly gear: RunningGear }[] => [
  ...(vehicle?.gear ?? []).map((gear) => ({ side: 'vehicle' as const, gear })),
  ...(trailer?.gear ?? []).map((gear) => ({ side: 'trailer' as const, gear })),
];
