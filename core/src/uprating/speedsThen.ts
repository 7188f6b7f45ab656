import type { Loads } from '../loads/loads.ts';
import { message, type Message } from '../messages/message.ts';
import type { Confidence } from '../situation/confidence.ts';
import { speedLine } from '../rulebook/placeLaw.ts';
import { journeyStops, type JourneyStop } from '../rulebook/journey.ts';
import { consequence, type Consequence } from './consequence.ts';

const order: readonly Confidence[] = ['low', 'medium', 'high'];
const lesser = (a: Confidence, b: Confidence): Confidence => (order.indexOf(a) < order.indexOf(b) ? a : b);

function says({ speed }: JourneyStop): Message {
  if (!speed) return message('uprate.speed.posted');
  return speedLine(speed, speed);
}

/** At home and in every place of the journey: the speeds before and after, where they differ. */
export function speedsThen(before: Loads, after: Loads): readonly Consequence[] {
  const then = journeyStops(after);
  return journeyStops(before).flatMap((stop, at): readonly Consequence[] => {
    const other = then[at];
    if (!other || JSON.stringify(stop.speed) === JSON.stringify(other.speed)) return [];
    const { country, state } = stop.place;
    return [
      consequence({
        id: `speed.${country}${state ?? ''}`,
        topic: 'speed',
        change: 'differs',
        place: stop.place,
        says: message('uprate.speed.of'),
        before: says(stop),
        after: says(other),
        source: (other.speed ?? stop.speed)?.source ?? 'euNationalLaw',
        confidence: lesser(stop.speed?.confidence ?? 'high', other.speed?.confidence ?? 'high'),
        ask: country,
      }),
    ];
  });
}
