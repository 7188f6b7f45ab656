import localforage from 'localforage';
import type { KeyValueStore } from './keyValueStore.ts';
import { readFirst } from './readFirst.ts';

/**
 * One store of the browser. Only IndexedDB: were another kind of store to stand in for it when it fails once, the work in the
 * one would be hidden behind the other.
 */
function storeNamed(storeName: string) {
  const forage = localforage.createInstance({ name: 'wagonomos', storeName, driver: localforage.INDEXEDDB });
  const store: KeyValueStore = {
    get: (key) => forage.getItem(key),
    set: async (key, value) => {
      await forage.setItem(key, value);
    },
    remove: (key) => forage.removeItem(key),
    keys: () => forage.keys(),
  };
  return { store, ready: () => forage.ready() };
}

const documents = storeNamed('documents');
/** The document, its history, drafts and settings. */
export const localStore = readFirst(documents.store);
// It is opened while the rest of the app is still being read; whoever first asks it for something learns whether that went well.
documents.ready().catch(() => undefined);

/** Dated copies of the document. */
export const copyStore = storeNamed('copies').store;
