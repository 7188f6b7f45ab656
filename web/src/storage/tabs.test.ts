import { describe, expect, it, vi } from 'vitest';
import { fakeChannels, fakeLocks } from '../testing/browserTabs.ts';
import { openTabs, type TabEvents } from './tabs.ts';

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
    const locks = fakeLocks().of();
    const channel = fakeChannels();
    const [one, two] = [listener(), listener()];
    openTabs({ locks, channel: channel().channel, pause: never }).listen(one.events);
    const second = openTabs({ locks, channel: channel().channel, pause: never });
    second.listen(two.events);
    await settled();
    expect([one.said, two.said]).toEqual([['writer'], ['follower']]);
    second.takeOver();
    await settled();
    expect(one.said).toEqual(['writer', 'handOver', 'follower']);
    expect(two.said).toEqual(['follower', 'writer']);
  });

  it('nobody takes over from a tab that holds what it could not keep', async () => {
    const locks = fakeLocks().of();
    const channel = fakeChannels();
    const [one, two] = [listener(false), listener()];
    openTabs({ locks, channel: channel().channel, pause: never }).listen(one.events);
    const second = openTabs({ locks, channel: channel().channel, pause: never });
    second.listen(two.events);
    await settled();
    second.takeOver();
    await settled();
    expect(one.said).toEqual(['writer', 'handOver']);
    expect(two.said).toEqual(['follower', 'refused']);
  });

  it('only the tab that writes answers for what is in hand', async () => {
    const locks = fakeLocks().of();
    const channel = fakeChannels();
    const [one, two, three] = [listener(false), listener(), listener()];
    openTabs({ locks, channel: channel().channel, pause: never }).listen(one.events);
    openTabs({ locks, channel: channel().channel, pause: never }).listen(two.events);
    const third = openTabs({ locks, channel: channel().channel, pause: never });
    third.listen(three.events);
    await settled();
    third.takeOver();
    await settled();
    expect(two.said).toEqual(['follower']);
    expect(three.said).toEqual(['follower', 'refused']);
  });

  it('a tab that does not answer is passed over', async () => {
    const locks = fakeLocks().of();
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

  it('a tab that gets the lead while it asks for it does not take it from itself', async () => {
    const browser = fakeLocks();
    const closing = {};
    const [one, two] = [listener(), listener()];
    openTabs({ locks: browser.of(closing), channel: undefined, pause: never }).listen(one.events);
    let answersNoMore: (() => void) | undefined;
    const pause = () => new Promise<void>((resolve) => (answersNoMore = resolve));
    const second = openTabs({ locks: browser.of({}), channel: undefined, pause });
    second.listen(two.events);
    await settled();
    second.takeOver();
    browser.gone(closing);
    await settled();
    answersNoMore?.();
    await settled();
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
