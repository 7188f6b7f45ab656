export interface Listed {
  readonly id: string;
}

/** A patch says "take this away" with undefined; the file has no such fields. */
export function withoutUndefined<T extends object>(value: T): T {
  return Object.fromEntries(Object.entries(value).filter(([, entry]) => entry !== undefined)) as T;
}

/** What has the same key, together, in the order of the list; phones some years old know no `Map.groupBy`. */
export function groupedBy<T, Key>(list: readonly T[], keyOf: (one: T) => Key): Map<Key, T[]> {
  const groups = new Map<Key, T[]>();
  for (const one of list) {
    const key = keyOf(one);
    const group = groups.get(key);
    if (group) group.push(one);
    else groups.set(key, [one]);
  }
  return groups;
}
