import { placedBodies, type RigView } from '../loading/rigView.ts';
import { message, percent, verbatim, type Message } from '../messages/message.ts';
import type { Jurisdiction } from '../situation/situation.ts';
import type { RoadMoment } from './alongTheRoad.ts';
import type { ReckonedTrip } from './reckonTrip.ts';
import type { Consumable } from './roadEvent.ts';
import type { Section } from './trip.ts';

/** A country, or a state of it, as people say it. */
const placeMessage = ({ country, state }: Jurisdiction): Message =>
  message(state ? `state.${state}` : `country.${country}`);

/** The name of a tank or of food, as its owner calls it. */
export function storeMessage(view: RigView, store: Consumable): Message {
  if ('food' in store) return verbatim(view.things.get(store.food)?.name ?? '');
  const body = placedBodies(view).find((one) => one.body.id === store.body)?.body;
  return verbatim(body?.tanks.find(({ id }) => id === store.tank)?.name ?? '');
}

/** What a part of a trip is, in a few words: "Drive to Murano", "3 nights", "Shopping: wine". @param view the rig about then */
export function sectionMessage(view: RigView, section: Section): Message {
  const { at } = section;
  const named = (key: string, params: NonNullable<Message['params']> = {}): Message =>
    at === undefined
      ? message(`road.section.${key}`, params)
      : message(`road.section.${key}At`, { ...params, at: verbatim(at) });
  switch (section.kind) {
    case 'nights':
      return named('nights', { count: section.nights });
    case 'tank': {
      const { fraction } = section;
      const tank = storeMessage(view, section);
      const share = percent(fraction);
      return named(fraction === 0 ? 'drained' : fraction === 1 ? 'filled' : 'level', { tank, share });
    }
    case 'shop':
    case 'join':
      return named(section.kind, { name: verbatim(section.name) });
    case 'setDown':
      return named('setDown', { name: verbatim(view.things.get(section.thing)?.name ?? '') });
    case 'part': {
      const member = view.loadout.crew.find(({ id }) => id === section.member);
      return named('part', { name: verbatim(member?.name ?? '') });
    }
    case 'drive':
    case 'unhitch':
    case 'hitch':
    case 'weigh':
      return named(section.kind);
  }
}

/** The rig as it comes to a part of a trip: who got in on the way has a name there where he gets out. */
export const viewBefore = ({ steps, start }: Pick<ReckonedTrip, 'steps' | 'start'>, { id }: Section): RigView =>
  steps.find(({ event }) => event.section === id)?.before ?? start;

/** When on a trip a moment is. */
export function whenMessage(trip: ReckonedTrip, { event: id, share, turns, view }: RoadMoment): Message {
  const event = trip.events.find((one) => one.id === id);
  const section = trip.sections.find((one) => one.id === event?.section);
  if (!event || !section) return message('road.when.start');
  const what = sectionMessage(viewBefore(trip, section), section);
  if (turns) return message(`road.when.${turns.runs}`, { store: storeMessage(view, turns.of), what });
  if (event.id !== section.id) return message('road.when.border', { place: placeMessage(view.situation.travel) });
  if (section.kind === 'drive') return message(share < 1 ? 'road.when.during' : 'road.when.driveEnd', { what });
  return message('road.when.after', { what });
}
