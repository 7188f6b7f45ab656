import type { KeyValueStore } from './keyValueStore.ts';

/**
 * A store in which nothing is written over what was not read: a key whose reading failed, or that nobody has asked for, takes no
 * value before it has been read.
 */
export function readFirst(store: KeyValueStore): KeyValueStore {
  const known = new Set<string>();
  return {
    get: async (key) => {
      known.delete(key);
      const value = await store.get(key);
      known.add(key);
      return value;
    },
    set: (key, value) =>
      known.has(key) ? store.set(key, value) : Promise.reject(new Error(`${key} was not read: it is not written over`)),
    remove: (key) => store.remove(key),
    keys: () => store.keys(),
  };
}
