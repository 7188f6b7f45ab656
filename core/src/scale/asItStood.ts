import type { RigView } from '../loading/rigView.ts';
import type { Ticket } from '../loading/ticket.ts';

/**
 * The rig as it stood on the scale: what was read with the bars of its hitch off, or on, is judged so, whatever the owner says
 * of the hitch since. Where both were read, the hitch as it is set now chooses.
 */
export function asItStood(view: RigView, { readings }: Ticket): RigView {
  const ways = new Set(readings.filter(({ state }) => state === 'coupled').map(({ bars }) => bars === true));
  const hitch = view.rig.hitch ?? {};
  const [on] = ways;
  if (ways.size !== 1 || on === (hitch.distribution !== undefined)) return view;
  return { ...view, rig: { ...view.rig, hitch: { ...hitch, distribution: on ? fullyRestored : undefined } } };
}

const fullyRestored = { kind: 'fraction', fraction: 1 } as const;
