import type { PlannedAssessment, RigView } from '@wagonomos/core';
import { createPinia, setActivePinia } from 'pinia';
import { vi } from 'vitest';
import { createMemoryHistory, createRouter, type Router } from 'vue-router';
import { i18n } from '../words/i18n.ts';
import { rigViews } from '../shared/views.ts';
import { documentKey } from '../storage/keptDocument.ts';
import { useRig } from '../stores/rig.ts';
import { useWorkspace } from '../stores/workspace.ts';
import { keepingInMemory, memoryStore } from './stores.ts';

const empty = { template: '<div />' };

/** Everything a part of a station needs to be mounted by itself: a demo rig in hand, words, an address. */
export interface AtStation {
  readonly router: Router;
  readonly plugins: readonly [typeof i18n, Router];
  readonly workspace: ReturnType<typeof useWorkspace>;
  readonly view: () => RigView;
  readonly assessment: () => PlannedAssessment;
}

/** @param example the raw data of an example file @param query of the address, e.g. `?sheet=packages` */
export async function atStation(example: unknown, rigId: string, query = ''): Promise<AtStation> {
  setActivePinia(createPinia());
  const kept = keepingInMemory({ store: memoryStore({ [documentKey]: example }) });
  const workspace = useWorkspace();
  await workspace.start(kept.keeping);
  if (workspace.opening?.kind !== 'read') throw new Error('the example cannot be read');
  kept.tabs.events().becameWriter(true);
  await vi.waitFor(() => {
    if (!workspace.writes) throw new Error('does not write yet');
  });
  const rig = useRig();
  rig.rigId = rigId;
  const routes = [
    ...rigViews.map(({ name }) => ({ path: `/rig/:rig/${name}`, name, component: empty })),
    { path: '/:rest(.*)*', name: 'elsewhere', component: empty },
  ];
  const router = createRouter({ history: createMemoryHistory(), routes });
  await router.push(`/rig/${rigId}/uprate${query}`);
  const there = <T>(value: T | null): T => {
    if (value === null) throw new Error('no rig in hand');
    return value;
  };
  return {
    router,
    plugins: [i18n, router],
    workspace,
    view: () => there(rig.view),
    assessment: () => there(rig.assessment),
  };
}
