import { photosIn } from '@wagonomos/core/files';
import { watch } from 'vue';
import { version } from '../../package.json';
import { copiesIn } from '../storage/copies.ts';
import { exclusivelyBy } from '../storage/exclusively.ts';
import { keptDocumentIn } from '../storage/keptDocument.ts';
import { browserLeft } from '../storage/leftBehind.ts';
import { copyStore, localStore } from '../storage/localStore.ts';
import { browserMark } from '../storage/opening.ts';
import { collectPhotos } from '../storage/photos.ts';
import { openTabs } from '../storage/tabs.ts';
import { useDrafts } from '../stores/drafts.ts';
import { useKeeping } from '../stores/keeping.ts';
import { useSettings } from '../stores/settings.ts';
import { useWorkspace } from '../stores/workspace.ts';

/** Edits after which the count of them is written down. */
const countsEvery = 10;
/** ms a page that is never idle may keep waiting what nobody waits for. */
const idleAtMost = 300;

/** Opens what is kept and sees to it that nothing is lost: on leaving, on closing, when space runs short. */
export async function keepSafe(): Promise<void> {
  const workspace = useWorkspace();
  const keeping = useKeeping();
  const now = () => new Date();
  const pause = (ms: number) => new Promise<void>((resolve) => setTimeout(resolve, ms));
  const idle = () =>
    new Promise<void>((resolve) => {
      if ('requestIdleCallback' in window) requestIdleCallback(() => resolve(), { timeout: idleAtMost });
      else setTimeout(resolve, idleAtMost);
    });
  const copies = copiesIn(copyStore, now);
  void useSettings().load(localStore);

  // What is in hand goes to the store before the page goes; what could not be kept is asked about.
  window.addEventListener('pagehide', () => {
    workspace.leave();
    keeping.count();
  });
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'hidden') void workspace.flush();
  });
  window.addEventListener('beforeunload', (event) => {
    if (workspace.unsaved && workspace.writes === true) event.preventDefault();
    void useDrafts().flush();
  });

  await workspace.start({
    store: localStore,
    kept: keptDocumentIn(localStore, exclusivelyBy('locks' in navigator ? navigator.locks : undefined)),
    copies,
    tabs: openTabs(),
    mark: browserMark,
    left: browserLeft,
    version,
    now,
    pause,
    idle,
    // Elsewhere than in the yard a link may lead to what is kept.
    showsDemoFirst: location.pathname === '/',
  });
  await keeping.start({ store: localStore, copies, now });
  // A folder was chosen once: what keeps it up to date comes when there is one.
  if ('showDirectoryPicker' in window && (await localStore.get('folder').catch(() => null)) !== null) {
    const { useFolder } = await import('../stores/folder.ts');
    await useFolder().start(localStore);
  }
  watch(
    () => workspace.edits,
    (edits) => {
      if (edits === 1) void keeping.askToKeep();
      if (edits % countsEvery === 0) keeping.count();
    },
  );
  watch(
    () => workspace.writes,
    (writes, before) => {
      // Only the tab that writes from the start: another may hold a history nobody else knows of.
      if (writes && before === undefined) void collect();
    },
    { immediate: true },
  );

  async function collect() {
    if (!workspace.guarded || workspace.opening?.kind !== 'read') return;
    const used = new Set(workspace.documents().flatMap(photosIn));
    for (const { photos } of await copies.list()) for (const hash of photos) used.add(hash);
    await collectPhotos(used).catch(() => undefined);
  }
}
