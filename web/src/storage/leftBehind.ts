import type { Workspace } from '@wagonomos/core';
import type { KeptDocument, Revision } from './keptDocument.ts';
import { documentKey } from './keptDocument.ts';
import type { KeyValueStore } from './keyValueStore.ts';
import { rawText } from './copies.ts';
import { reading } from './reader.ts';

const leftKey = 'leftBehind';

/** What a page held that was left before it could be saved, and what it came from. */
interface Left {
  readonly document: Workspace;
  readonly from: Revision;
}

/**
 * Puts down what is in hand while the page is being left: there is no time then to look what stands in the store, so that it goes
 * beside and not over it. Whoever leads next takes it up.
 */
export const leaveBehind = (store: KeyValueStore, document: Workspace, from: Revision): Promise<void> =>
  store.set(leftKey, { document, from } satisfies Left).catch(() => undefined);

/** It was saved after all. */
export const nothingLeft = (store: KeyValueStore): Promise<void> => store.remove(leftKey).catch(() => undefined);

/**
 * What a page left that still goes on from what is kept: shown at once, so that nobody sees the state before it and then another.
 * @param from what is kept
 */
export async function leftFor(store: KeyValueStore, from: Revision): Promise<Workspace | null> {
  const left = await store.get(leftKey).catch(() => null);
  if (!isLeft(left) || left.from !== from) return null;
  const { readParsed } = await reading();
  const read = readParsed(left.document);
  return read.ok ? read.workspace : null;
}

/**
 * Takes up what a page left: it takes the place of what it came from; where something else stands there by now, it is handed back, to
 * become a copy.
 * @returns what could not take its place; null: there was nothing, or all of it is in the store
 */
export async function takeUpLeft(store: KeyValueStore, kept: KeptDocument): Promise<Workspace | null> {
  const left = await store.get(leftKey).catch(() => null);
  if (!isLeft(left)) return null;
  const { readParsed } = await reading();
  const read = readParsed(left.document);
  if (!read.ok) return null;
  const { document, from } = left;
  const written = await kept.write(document, from, () => store.set(documentKey, document));
  await nothingLeft(store);
  return written.kept || written.found.revision === rawText(document) ? null : document;
}

const isLeft = (value: unknown): value is Left =>
  typeof value === 'object' &&
  value !== null &&
  typeof (value as Left).document === 'object' &&
  (typeof (value as Left).from === 'string' || (value as Left).from === null);
