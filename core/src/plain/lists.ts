export interface Listed {
  readonly id: string;
}

/** A patch says "take this away" with undefined; the file has no such fields. */
export function withoutUndefined<T extends object>(value: T): T {
  return Object.fromEntries(Object.entries(value).filter(([, entry]) => entry !== undefined)) as T;
}
