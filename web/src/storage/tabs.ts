/** Several tabs, one writer: the others follow what it saves. */
export interface Tabs {
  /** Tells the other tabs that the store holds something new. */
  readonly announce: () => void;
  /** Becomes the writer at once; whoever wrote before follows from then on. */
  readonly takeOver: () => void;
  readonly listen: (on: TabEvents) => void;
}

export interface TabEvents {
  readonly becameWriter: () => void;
  readonly becameFollower: () => void;
  readonly savedElsewhere: () => void;
}

const lockName = 'wagonomos-writer';
const channelName = 'wagonomos-saved';

/** Tabs by the Web Locks and Broadcast Channel APIs. A browser without them has one writer: this tab. */
export function openTabs(): Tabs {
  const locks = 'locks' in navigator ? navigator.locks : undefined;
  const channel = 'BroadcastChannel' in window ? new BroadcastChannel(channelName) : undefined;
  let events: TabEvents | undefined;

  /** Holds the lock until the tab closes or another one steals it; then waits in line again, following meanwhile. */
  const hold = (options: LockOptions) => {
    void locks
      ?.request(lockName, options, (lock) => {
        if (!lock) return follow();
        events?.becameWriter();
        return new Promise<never>(() => {});
      })
      .catch(follow);
  };
  const follow = () => {
    events?.becameFollower();
    hold({});
  };

  return {
    announce: () => channel?.postMessage('saved'),
    takeOver: () => hold({ steal: true }),
    listen: (on) => {
      events = on;
      channel?.addEventListener('message', () => on.savedElsewhere());
      if (locks) hold({ ifAvailable: true });
      else on.becameWriter();
    },
  };
}
