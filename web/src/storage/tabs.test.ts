import { describe, expect, it, vi } from 'vitest';
import { openTabs, type TabEvents, type TabPlatform } from './tabs.ts';

type Grant = (lock: Lock | null) => unknown;

/** A lock manager as browsers have it: one holder, a queue, and stealing. */
function fakeLocks() {
  let stolen: (() => void) | undefined;
  const queue: (() => void)[] = [];
  let held = false;
  const grant = (run: Grant) =>
    new Promise<never>((_resolve, reject) => {
      held = true;
      stolen = () => reject(new DOMException('stolen', 'AbortError'));
      void run({ name: 'writer', mode: 'exclusive' });
    });
  const request = vi.fn((_name: string, options: LockOptions, run: Grant): Promise<unknown> => {
    if (options.steal) {
      stolen?.();
      return grant(run);
    }
    if (!held) return grant(run);
    if (options.ifAvailable) return Promise.resolve(run(null));
    return new Promise((resolve) => queue.push(() => resolve(grant(run))));
  });
  return { request: request as unknown as LockManager['request'], asked: request };
}

/** One channel, heard by all tabs but the one that speaks. */
function fakeChannels() {
  const all: ((event: MessageEvent) => void)[][] = [];
  return (): TabPlatform['channel'] => {
    const mine: ((event: MessageEvent) => void)[] = [];
    all.push(mine);
    return {
      postMessage: (data: unknown) => {
        for (const others of all) if (others !== mine) for (const hear of others) hear({ data } as MessageEvent);
      },
      addEventListener: (_type: string, hear: unknown) => void mine.push(hear as (event: MessageEvent) => void),
    };
  };
}

const listener = (kept = true) => {
  const said: string[] = [];
  const events: TabEvents = {
    becameWriter: (guarded) => void said.push(guarded ? 'writer' : 'unguarded'),
    becameFollower: () => void said.push('follower'),
    savedElsewhere: () => void said.push('saved'),
    handOver: () => {
      said.push('handOver');
      return Promise.resolve(kept);
    },
    takeOverRefused: () => void said.push('refused'),
  };
  return { said, events };
};
const never = () => new Promise<void>(() => {});
const settled = () => new Promise((resolve) => setTimeout(resolve, 20));

describe('tabs', () => {
  it('the first writes, the second follows, and takes over once the first has kept its work', async () => {
    const locks = fakeLocks();
    const channel = fakeChannels();
    const [one, two] = [listener(), listener()];
    openTabs({ locks, channel: channel(), pause: never }).listen(one.events);
    const second = openTabs({ locks, channel: channel(), pause: never });
    second.listen(two.events);
    await settled();
    expect([one.said, two.said]).toEqual([['writer'], ['follower']]);
    second.takeOver();
    await settled();
    expect(one.said).toEqual(['writer', 'handOver', 'follower']);
    expect(two.said).toEqual(['follower', 'writer']);
  });

  it('nobody takes over from a tab that holds what it could not keep', async () => {
    const locks = fakeLocks();
    const channel = fakeChannels();
    const [one, two] = [listener(false), listener()];
    openTabs({ locks, channel: channel(), pause: never }).listen(one.events);
    const second = openTabs({ locks, channel: channel(), pause: never });
    second.listen(two.events);
    await settled();
    second.takeOver();
    await settled();
    expect(one.said).toEqual(['writer', 'handOver']);
    expect(two.said).toEqual(['follower', 'refused']);
  });

  it('only the tab that writes answers for what is in hand', async () => {
    const locks = fakeLocks();
    const channel = fakeChannels();
    const [one, two, three] = [listener(false), listener(), listener()];
    openTabs({ locks, channel: channel(), pause: never }).listen(one.events);
    openTabs({ locks, channel: channel(), pause: never }).listen(two.events);
    const third = openTabs({ locks, channel: channel(), pause: never });
    third.listen(three.events);
    await settled();
    third.takeOver();
    await settled();
    expect(two.said).toEqual(['follower']);
    expect(three.said).toEqual(['follower', 'refused']);
  });

  it('a tab that does not answer is passed over', async () => {
    const locks = fakeLocks();
    const [one, two] = [listener(), listener()];
    openTabs({ locks, channel: undefined, pause: never }).listen(one.events);
    const second = openTabs({ locks, channel: undefined, pause: () => Promise.resolve() });
    second.listen(two.events);
    await settled();
    second.takeOver();
    await settled();
    expect(one.said).toEqual(['writer', 'follower']);
    expect(two.said).toEqual(['follower', 'writer']);
  });

  it('a lock that is always refused is asked for a few times with pauses, and then there are none', async () => {
    const waits: number[] = [];
    const request = vi.fn(() => Promise.reject(new DOMException('no', 'SecurityError')));
    const { said, events } = listener();
    openTabs({
      locks: { request: request as unknown as LockManager['request'] },
      channel: undefined,
      pause: (ms) => {
        waits.push(ms);
        return Promise.resolve();
      },
    }).listen(events);
    await settled();
    expect(request).toHaveBeenCalledTimes(4);
    expect(waits).toEqual([250, 500, 1000]);
    expect(said).toEqual(['unguarded']);
  });

  it('a browser without locks has one writer, and says that it cannot tell', () => {
    const { said, events } = listener();
    openTabs({ locks: undefined, channel: undefined, pause: never }).listen(events);
    expect(said).toEqual(['unguarded']);
  });
});
