import { onDay, searchPackages, viewRig } from '@wagonomos/core';
import type { SearchQuestion, SearchWord } from './searchTask.ts';

/** What a worker's own global is used for here; the page's types know it as a window. */
const scope = self as unknown as {
  onmessage: (event: MessageEvent<SearchQuestion>) => void;
  postMessage: (message: SearchWord) => void;
};

scope.onmessage = ({ data: { document, rig, loadouts, packages, day } }) => {
  const views = loadouts.flatMap((id) => viewRig(document, rig, id) ?? []).map((view) => onDay(view, day));
  const result = searchPackages(views, packages, (tried, of) => {
    scope.postMessage({ kind: 'progress', share: tried / of });
    return true;
  });
  scope.postMessage({ kind: 'found', result });
};
