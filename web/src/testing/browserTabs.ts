import type { TabPlatform } from '../storage/tabs.ts';

type Run = (lock: Lock | null) => unknown;

interface Held {
  readonly tab: object;
  /** Ends it for whoever asked for it. */
  readonly steal: () => void;
}

/** The locks of one browser: each name has one holder and a queue, may be stolen, and is let go of when a tab is gone. */
export function fakeLocks() {
  const holders = new Map<string, Held>();
  const queues = new Map<string, { readonly tab: object; readonly grant: () => void }[]>();
  const next = (name: string) => queues.get(name)?.shift()?.grant();

  /** The locks as one tab sees them. */
  const of = (tab: object = {}): Pick<LockManager, 'request'> => {
    const grant = (name: string, run: Run): Promise<unknown> =>
      new Promise((resolve, reject) => {
        const held: Held = { tab, steal: () => reject(new DOMException('stolen', 'AbortError')) };
        holders.set(name, held);
        const letGo = () => {
          if (holders.get(name) !== held) return;
          holders.delete(name);
          next(name);
        };
        Promise.resolve(run({ name, mode: 'exclusive' })).then(
          (value) => (letGo(), resolve(value)),
          (error: unknown) => (letGo(), reject(error as Error)),
        );
      });
    const request = (name: string, ...rest: readonly unknown[]): Promise<unknown> => {
      const run = rest.at(-1) as Run;
      const options = (rest.length > 1 ? rest[0] : {}) as LockOptions;
      const holder = holders.get(name);
      if (options.steal) {
        holders.delete(name);
        holder?.steal();
        return grant(name, run);
      }
      if (!holder) return grant(name, run);
      if (options.ifAvailable) return Promise.resolve(run(null));
      return new Promise((resolve, reject) => {
        const queue = queues.get(name) ?? [];
        queue.push({ tab, grant: () => void grant(name, run).then(resolve, reject) });
        queues.set(name, queue);
      });
    };
    return { request: request };
  };
  /** A tab is closed or killed: it holds nothing and waits for nothing any more. */
  const gone = (tab: object) => {
    for (const [name, queue] of queues)
      queues.set(
        name,
        queue.filter((one) => one.tab !== tab),
      );
    for (const [name, held] of holders) {
      if (held.tab !== tab) continue;
      holders.delete(name);
      next(name);
    }
  };
  return { of, gone };
}

/** One channel of a browser, heard by all tabs but the one that speaks. */
export function fakeChannels() {
  const all = new Set<((event: MessageEvent) => void)[]>();
  return (): { readonly channel: NonNullable<TabPlatform['channel']>; readonly close: () => void } => {
    const mine: ((event: MessageEvent) => void)[] = [];
    all.add(mine);
    const channel = {
      postMessage: (data: unknown) => {
        if (!all.has(mine)) return;
        for (const others of all) if (others !== mine) for (const hear of others) hear({ data } as MessageEvent);
      },
      addEventListener: (_type: string, hear: unknown) => void mine.push(hear as (event: MessageEvent) => void),
    };
    return { channel, close: () => void all.delete(mine) };
  };
}
