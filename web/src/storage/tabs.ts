/** Several tabs, one writer: the others follow what it saves. */
export interface Tabs {
  /** Tells the other tabs that the store holds something new. */
  readonly announce: () => void;
  /** Asks whoever writes to keep what is in hand, then becomes the writer; whoever wrote before follows from then on. */
  readonly takeOver: () => void;
  readonly listen: (on: TabEvents) => void;
}

export interface TabEvents {
  /** @param guarded false: this browser lets no tab know of another, so that another may write as well */
  readonly becameWriter: (guarded: boolean) => void;
  readonly becameFollower: () => void;
  readonly savedElsewhere: () => void;
  /** Another tab wants to write: keeps what is in hand. false: it could not be kept, so that nobody may take over. */
  readonly handOver: () => Promise<boolean>;
  /** The tab that writes holds something it could not keep. */
  readonly takeOverRefused: () => void;
}

/** What of a browser is needed; a stand-in in tests. */
export interface TabPlatform {
  readonly locks: Pick<LockManager, 'request'> | undefined;
  readonly channel: Pick<BroadcastChannel, 'postMessage' | 'addEventListener'> | undefined;
  /** Resolves after so many ms, or as soon as the page is shown again. */
  readonly pause: (ms: number) => Promise<void>;
}

type Said = 'saved' | 'mayI' | 'yours' | 'unsaved';

const lockName = 'wagonomos-writer';
const channelName = 'wagonomos-saved';
/** ms after which a lock that was refused is asked for again; after the last of them there are no locks. */
const pauses = [250, 500, 1000];
/** ms after which a tab that does not answer is passed over: it hangs, or is gone. */
const answersWithin = 2000;

/** Tabs by the Web Locks and Broadcast Channel APIs. A browser without them has one writer: this tab. */
export function openTabs({ locks, channel, pause }: TabPlatform = browserPlatform()): Tabs {
  let events: TabEvents | undefined;
  /** Goes up with every take-over asked for, so that a late answer to an earlier one counts no more. */
  let asked = 0;
  /** The one that waits for its answer; 0: none. */
  let asking = 0;
  /** Whether this tab holds the lock: nobody else answers for what is in hand. */
  let writing = false;

  /**
   * Holds the lock until the tab closes or another one steals it; then waits in line, following meanwhile. A lock that is
   * refused (a page being left, site data blocked) is asked for again after a pause, a few times and no more.
   */
  const hold = async (options: LockOptions, refusals = 0): Promise<void> => {
    if (!locks) return;
    let held = false;
    try {
      await locks.request(lockName, options, (lock) => {
        if (!lock) return;
        held = true;
        writing = true;
        // Whoever waited in line for it and asked for it besides has it now: stolen from itself, nobody would write.
        asking = 0;
        events?.becameWriter(true);
        return new Promise<never>(() => {});
      });
    } catch {
      if (!held) return refused(options, refusals);
    }
    // Stolen, or not free.
    writing = false;
    events?.becameFollower();
    return hold({});
  };
  const refused = async (options: LockOptions, refusals: number): Promise<void> => {
    const wait = pauses[refusals];
    if (wait === undefined) {
      events?.becameWriter(false);
      return;
    }
    await pause(wait);
    return hold(options, refusals + 1);
  };

  const send = (said: Said) => channel?.postMessage(said);
  const hear = (said: Said) => {
    if (said === 'saved') events?.savedElsewhere();
    if (said === 'mayI' && writing) void events?.handOver().then((kept) => send(kept ? 'yours' : 'unsaved'));
    if (asking === 0) return;
    if (said === 'unsaved') events?.takeOverRefused();
    if (said === 'yours') void hold({ steal: true });
    if (said === 'yours' || said === 'unsaved') asking = 0;
  };

  return {
    announce: () => send('saved'),
    takeOver: () => {
      if (writing) return;
      asked += 1;
      asking = asked;
      const mine = asking;
      send('mayI');
      void pause(answersWithin).then(() => {
        if (asking !== mine) return;
        asking = 0;
        void hold({ steal: true });
      });
    },
    listen: (on) => {
      events = on;
      channel?.addEventListener('message', ({ data }: MessageEvent<Said>) => hear(data));
      if (locks) void hold({ ifAvailable: true });
      else on.becameWriter(false);
    },
  };
}

const browserPlatform = (): TabPlatform => ({
  locks: 'locks' in navigator ? navigator.locks : undefined,
  channel: 'BroadcastChannel' in window ? new BroadcastChannel(channelName) : undefined,
  pause: (ms) =>
    new Promise((resolve) => {
      setTimeout(resolve, ms);
      window.addEventListener('pageshow', () => resolve(), { once: true });
    }),
});
