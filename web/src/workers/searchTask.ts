import type { SearchResult, UpratePackage, Workspace } from '@wagonomos/core';

/** What the search of package combinations is asked: the usual loadout first. */
export interface SearchQuestion {
  readonly document: Workspace;
  readonly rig: string;
  readonly loadouts: readonly string[];
  readonly packages: readonly UpratePackage[];
  readonly day: string;
}

export type SearchWord =
  { readonly kind: 'progress'; readonly share: number } | { readonly kind: 'found'; readonly result: SearchResult };

/** Starts a search away from the page. @returns ends it, whatever it is at */
export function startSearch(
  question: SearchQuestion,
  hear: (word: SearchWord) => void,
  failed: () => void,
): () => void {
  const worker = new Worker(new URL('./uprate.worker.ts', import.meta.url), { type: 'module' });
  worker.onmessage = ({ data }: MessageEvent<SearchWord>) => {
    hear(data);
    if (data.kind === 'found') worker.terminate();
  };
  worker.onerror = () => {
    worker.terminate();
    failed();
  };
  worker.postMessage(question);
  return () => worker.terminate();
}
