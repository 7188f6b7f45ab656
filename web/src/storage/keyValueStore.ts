/** Where things are kept between visits. The browser's own store; a map in tests. */
export interface KeyValueStore {
  readonly get: (key: string) => Promise<unknown>;
  readonly set: (key: string, value: unknown) => Promise<void>;
  readonly remove: (key: string) => Promise<void>;
  readonly keys: () => Promise<readonly string[]>;
}
