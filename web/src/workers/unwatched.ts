import { isProxy, toRaw } from 'vue';

/** A value as a worker can be sent it: what the page watches over, however deep within, is taken as it is underneath. */
export function unwatched<T>(value: T): T {
  const raw: unknown = isProxy(value) ? toRaw(value) : value;
  if (raw instanceof Map) {
    return new Map([...(raw as Map<unknown, unknown>)].map(([key, one]) => [key, unwatched(one)])) as T;
  }
  if (Array.isArray(raw)) return raw.map((one: unknown) => unwatched(one)) as T;
  if (typeof raw !== 'object' || raw === null) return raw as T;
  return Object.fromEntries(Object.entries(raw).map(([key, one]) => [key, unwatched(one)])) as T;
}
