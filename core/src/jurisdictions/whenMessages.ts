import { kilograms, message, type Message } from '../messages/message.ts';
import type { When } from './when.ts';

/** On whom something bears, in words, one for each condition; every rig where there is none. */
export function whenMessages(when: When): readonly Message[] {
  const parts = Object.entries(when).map(([name, value]) => partMessage(name, value as When[keyof When]));
  return parts.length > 0 ? parts : [message('when.always')];
}

function partMessage(name: string, value: When[keyof When]): Message {
  if (typeof value === 'number') {
    return message(`when.${name}`, name === 'longerThan' ? { metres: value } : { mass: kilograms(value, 'nearest') });
  }
  if (typeof value === 'boolean') return message(value ? `when.${name}` : `when.not.${name}`);
  // What is left are lists: kinds of vehicle, or conditions of which one is enough.
  const list = (value ?? []).map((one) =>
    typeof one === 'string'
      ? message(`when.${name === 'builds' ? 'build' : name}.${one}`)
      : both(whenMessages(one), 'when.and'),
  );
  return both(list, 'when.or');
}

const both = (list: readonly Message[], key: string): Message =>
  list.reduceRight((rest, one) => message(key, { one, rest }));
