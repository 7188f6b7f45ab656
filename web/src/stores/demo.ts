import { entryLists } from '@wagonomos/core/files';
import { emptyWorkspace, type Workspace } from '@wagonomos/core';
import { shallowRef, type ShallowRef } from 'vue';

const fetchFiles = () => import('./demoFiles.ts');
/** Asked for with the app itself: every yard has to know what of it is the demo's. */
let files: ReturnType<typeof fetchFiles> | undefined = fetchFiles();
files.catch(() => {
  files = undefined;
});
let demo: Promise<Workspace> | undefined;

/** The invented rigs of the examples folder, as one document; put together once. */
export function demoWorkspace(): Promise<Workspace> {
  demo ??= putTogether().catch((error: unknown) => {
    demo = undefined;
    throw error;
  });
  return demo;
}

async function putTogether(): Promise<Workspace> {
  files ??= fetchFiles();
  const { demoFiles } = await files;
  // They share no id, which a test asks of them: one list behind the other is what merging them would come to, at no cost.
  const lists = entryLists.map((list) => [list, demoFiles.flatMap((file): readonly object[] => file[list])]);
  return { ...emptyWorkspace('yard', 'Yard'), ...(Object.fromEntries(lists) as Partial<Workspace>) };
}

/** Ids of the demo's rigs, bodies and things; null until they are known. */
export interface DemoIds {
  readonly rigs: ReadonlySet<string>;
  readonly bodies: ReadonlySet<string>;
  readonly things: ReadonlySet<string>;
}
const ids = shallowRef<DemoIds | null>(null);

/** Which rigs and things are the demo's: an owner's own rig does not show them. */
export function useDemoIds(): Readonly<ShallowRef<DemoIds | null>> {
  if (!ids.value) {
    const all = (list: readonly { readonly id: string }[]) => new Set(list.map(({ id }) => id));
    demoWorkspace().then(
      ({ rigs, bodies, things }) => (ids.value = { rigs: all(rigs), bodies: all(bodies), things: all(things) }),
      // Where the demo does not come, the owner's rigs are shown all the same.
      () => (ids.value = { rigs: new Set(), bodies: new Set(), things: new Set() }),
    );
  }
  return ids;
}
