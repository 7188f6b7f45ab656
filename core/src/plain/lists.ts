export interface Listed {
  readonly id: string;
}

/** The list with one entry replaced by what `change` makes of it; the others stay the same objects. */
export const inList = <T extends Listed>(list: readonly T[], id: string, change: (entry: T) => T): T[] =>
  list.map((entry) => (entry.id === id ? change(entry) : entry));

/** The list without one entry. */
export const without = <T extends Listed>(list: readonly T[], id: string): T[] =>
  list.filter((entry) => entry.id !== id);

/** A patch says "take this away" with undefined; the file has no such fields. */
export function withoutUndefined<T extends object>(value: T): T {
  return Object.fromEntries(Object.entries(value).filter(([, entry]) => entry !== undefined)) as T;
}
