import type { RigView } from '../loading/rigView.ts';
import type { Body, FormerPlates } from '../rig/body.ts';

/** Plates a rig once had, in the way they can be asked for: until which day, and what took their place. */
export interface FormerPlateEra {
  readonly until: string;
  readonly names: readonly string[];
}

/** The days on which plates of this rig changed, the latest first. */
export function formerPlateEras({ vehicle, trailer }: Pick<RigView, 'vehicle' | 'trailer'>): readonly FormerPlateEra[] {
  const all = [...(vehicle?.formerPlates ?? []), ...(trailer?.formerPlates ?? [])];
  const days = [...new Set(all.map(({ until }) => until))].sort().reverse();
  return days.map((until) => ({
    until,
    names: [...new Set(all.filter((one) => one.until === until).map(({ name }) => name))],
  }));
}

/**
 * The rig under the plates it had until a day: everything else, what is on board and what has been fitted, stays as it is. A
 * body whose plates did not change since keeps today's.
 */
export function underPlatesUntil(view: RigView, until: string): RigView {
  return { ...view, vehicle: bodyUntil(view.vehicle, until), trailer: bodyUntil(view.trailer, until) };
}

function bodyUntil<Kind extends Extract<Body, { kind: 'vehicle' | 'trailer' }>>(
  body: Kind | undefined,
  until: string,
): Kind | undefined {
  const [then] = (body?.formerPlates ?? [])
    .filter((one: FormerPlates) => one.until >= until)
    .sort((a, b) => a.until.localeCompare(b.until));
  if (!body || !then) return body;
  return { ...body, plates: then.plates, ...(then.gear ? { gear: then.gear } : {}) };
}
