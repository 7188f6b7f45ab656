import type { Remedy } from '@wagonomos/core';
import { makeMove } from '@wagonomos/core/edits';
import { useRouter } from 'vue-router';
import { useRig } from '../stores/rig.ts';
import { useWorkspace } from '../stores/workspace.ts';

/** Does what a remedy says, as one step that can be undone; of what somebody has to choose, the way to where it lies. */
export function useRemedy() {
  const rig = useRig();
  const workspace = useWorkspace();
  const router = useRouter();
  return (remedy: Remedy) => {
    const loadout = rig.view?.loadout.id;
    const { move } = remedy;
    if (move && loadout !== undefined) {
      workspace.edit('app.edit.remedy', (document) => makeMove(document, loadout, move));
      return;
    }
    const place = remedy.place && `${remedy.place.body}/${remedy.place.place}`;
    void router.push({ name: 'load', params: { rig: rig.rigId }, query: place ? { place } : {} });
  };
}
