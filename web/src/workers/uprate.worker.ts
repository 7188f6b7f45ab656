import { onDay, viewRig, type Workspace } from '@wagonomos/core';
import { searchPackages, type SearchResult, type UpratePackage } from '@wagonomos/core/uprating';
import { expose } from 'comlink';

/** What the search of package combinations is asked: the usual loadout first. */
interface SearchQuestion {
  readonly document: Workspace;
  readonly rig: string;
  readonly loadouts: readonly string[];
  readonly packages: readonly UpratePackage[];
  readonly day: string;
}

const work = {
  /** @param progress told the share that has been tried, 0 to 1 */
  search: (
    { document, rig, loadouts, packages, day }: SearchQuestion,
    progress: (share: number) => void,
  ): SearchResult => {
    const views = loadouts.flatMap((id) => viewRig(document, rig, id) ?? []).map((view) => onDay(view, day));
    return searchPackages(views, packages, (tried, of) => {
      progress(tried / of);
      return true;
    });
  },
};
export type UprateWork = typeof work;
expose(work);
