import type { Loads } from '../loads/loads.ts';
import { message, type Message } from '../messages/message.ts';
import { gravity } from '../statics/distribution.ts';

/**
 * What the ball load does to the receiver: M = g·B·lever, the lever from the receiver pin to the ball, with the extension
 * and without. Frames bend there, and no plate of a vehicle speaks of it. null without an extension or a known ball load.
 */
export function hitchMoment({ view, values }: Loads): Message | null {
  const extension = view.rig.hitch?.extension;
  const { ballLoad } = values;
  if (extension === undefined || ballLoad.kind !== 'known') return null;
  const newtonMetres = (lever: number) =>
    ({ kind: 'amount', unit: 'Nm', value: gravity * ballLoad.value * lever, rounding: 'nearest' }) as const;
  const mount = view.rig.hitch?.ballMount;
  return mount === undefined
    ? message('hitch.moreMoment', { more: newtonMetres(extension) })
    : message('hitch.moment', { without: newtonMetres(mount), with: newtonMetres(mount + extension) });
}
