import type { Workspace } from '@wagonomos/core';
import { defineStore } from 'pinia';
import type { KeyValueStore } from '../storage/keyValueStore.ts';
import { hashOf } from '../workers/hash.ts';

const key = 'taken';
/** So many links are remembered; the oldest give way. */
const most = 200;
type Taken = readonly [hash: string, rig: string];

/** Which rig came of which link, so that one taken before is known whatever its owner calls it by now. */
export const useTaken = defineStore('taken', () => {
  let store: KeyValueStore | undefined;
  const read = async (): Promise<readonly Taken[]> => {
    const raw = await store?.get(key).catch(() => null);
    return Array.isArray(raw) ? raw.filter(isTaken) : [];
  };
  const hash = (document: Workspace) =>
    hashOf(new TextEncoder().encode(JSON.stringify(document)).buffer).catch(() => undefined);

  const start = (from: KeyValueStore) => {
    store = from;
  };
  /** The rig that came of a link before. @param document what the link holds */
  const rigOf = async (document: Workspace): Promise<string | undefined> => {
    const mine = await hash(document);
    return (await read()).find(([one]) => one === mine)?.[1];
  };
  const note = async (document: Workspace, rig: string): Promise<void> => {
    const mine = await hash(document);
    if (mine === undefined) return;
    const others = (await read()).filter(([one]) => one !== mine);
    await store?.set(key, [...others, [mine, rig]].slice(-most)).catch(() => undefined);
  };
  return { start, rigOf, note };
});

const isTaken = (one: unknown): one is Taken =>
  Array.isArray(one) && typeof one[0] === 'string' && typeof one[1] === 'string';
