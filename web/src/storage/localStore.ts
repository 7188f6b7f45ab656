import localforage from 'localforage';

/** Where things are kept between visits. The browser's own store; a map in tests. */
export interface KeyValueStore {
  readonly get: (key: string) => Promise<unknown>;
  readonly set: (key: string, value: unknown) => Promise<void>;
}

const forage = localforage.createInstance({ name: 'wagonomos', storeName: 'documents' });

export const localStore: KeyValueStore = {
  get: (key) => forage.getItem(key),
  set: async (key, value) => {
    await forage.setItem(key, value);
  },
};
