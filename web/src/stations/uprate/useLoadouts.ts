import type { Loadout, RigView } from '@wagonomos/core';
import { loadoutsOf } from '@wagonomos/core/edits';
import { computed, type ComputedRef } from 'vue';
import { useWorkspace } from '../../stores/workspace.ts';

/** All the ways to load the rig in hand, the one in hand first. */
export function useLoadouts(view: () => RigView): ComputedRef<readonly Loadout[]> {
  const workspace = useWorkspace();
  return computed(() => {
    const { rig } = view();
    const all = workspace.document ? loadoutsOf(workspace.document, rig) : [];
    return [...all].sort((a, b) => Number(b.id === rig.loadout) - Number(a.id === rig.loadout));
  });
}
