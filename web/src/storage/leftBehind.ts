import type { Workspace } from '@wagonomos/core';
import type { KeptDocument, Revision } from './keptDocument.ts';
import { documentKey } from './keptDocument.ts';
import type { KeyValueStore } from './keyValueStore.ts';
import { rawText } from './copies.ts';
import { reading } from './reader.ts';

const leftKey = 'wagonomos-left';

/** The browser's small store: it alone takes something at once, in the moment in which a page is left. */
export interface LeftStore {
  readonly read: () => string | null;
  readonly write: (text: string) => void;
  readonly remove: () => void;
}

/** What a page held that was left before it could be saved, and what it came from. */
interface Left {
  readonly document: Workspace;
  readonly from: Revision;
}

/**
 * Puts down what is in hand while the page is being left: there is no time then to look what stands in the store, so that it goes
 * beside and not over it. Whoever leads next takes it up.
 */
export function leaveBehind(left: LeftStore, document: Workspace, from: Revision): void {
  try {
    left.write(JSON.stringify({ document, from } satisfies Left));
  } catch {
    // It has no room for so much; what was on its way to the large store may still arrive there.
  }
}

/** It was saved after all. */
export function nothingLeft(left: LeftStore): void {
  try {
    left.remove();
  } catch {
    // What is left once more is compared once more.
  }
}

function readLeft(left: LeftStore): Left | null {
  try {
    const found: unknown = JSON.parse(left.read() ?? 'null');
    return isLeft(found) ? found : null;
  } catch {
    return null;
  }
}

/**
 * What a page left that still goes on from what is kept: shown at once, so that nobody sees the state before it and then another.
 * @param revision what is kept
 */
export async function leftFor(from: LeftStore, revision: Revision): Promise<Workspace | null> {
  const left = readLeft(from);
  if (!left || left.from !== revision) return null;
  const { readParsed } = await reading();
  const read = readParsed(left.document);
  return read.ok ? read.workspace : null;
}

/**
 * Takes up what a page left: it takes the place of what it came from; where something else stands there by now, it is handed back, to
 * become a copy.
 * @returns what could not take its place; null: there was nothing, or all of it is in the store
 */
export async function takeUpLeft(from: LeftStore, store: KeyValueStore, kept: KeptDocument): Promise<Workspace | null> {
  const left = readLeft(from);
  if (!left) return null;
  const { readParsed } = await reading();
  const read = readParsed(left.document);
  if (!read.ok) return null;
  const { document } = left;
  const written = await kept.write(document, left.from, () => store.set(documentKey, document));
  nothingLeft(from);
  return written.kept || written.found.revision === rawText(document) ? null : document;
}

const isLeft = (value: unknown): value is Left =>
  typeof value === 'object' &&
  value !== null &&
  typeof (value as Left).document === 'object' &&
  (typeof (value as Left).from === 'string' || (value as Left).from === null);

export const browserLeft: LeftStore = {
  read: () => localStorage.getItem(leftKey),
  write: (text) => localStorage.setItem(leftKey, text),
  remove: () => localStorage.removeItem(leftKey),
};
