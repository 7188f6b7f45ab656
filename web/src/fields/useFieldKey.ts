import { onScopeDispose } from 'vue';

/** Numbers in use by each name: fields of one label on one page are told apart by the order in which they came. */
const taken = new Map<string, Set<number>>();

/** The name of the only field of its label on this page, without taking it: to see whether something is still to be mended there. */
export const onlyFieldKey = (label: string): string => `field ${location.pathname} ${label} 0`;

/** A name for a field that it has again after a reload of its page: the page, the label, and which of that label it is. */
export function useFieldKey(label: string): string {
  const name = `${location.pathname} ${label}`;
  const numbers = taken.get(name) ?? new Set<number>();
  taken.set(name, numbers);
  let number = 0;
  while (numbers.has(number)) number += 1;
  numbers.add(number);
  onScopeDispose(() => numbers.delete(number));
  return `field ${name} ${number}`;
}
