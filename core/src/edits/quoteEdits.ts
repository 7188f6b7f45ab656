import { removeEntries } from '../document/referenceTable.ts';
import type { Workspace } from '../document/workspace.ts';
import type { Quote } from '../uprating/upratePackage.ts';
import { edited } from './draft.ts';

/** Keeps what somebody offered for a rig. */
export const addQuote = (workspace: Workspace, quote: Quote): Workspace =>
  edited(workspace, ({ quotes }) => void quotes.push(quote));

/** Replaces a quote by another with its id. */
export const setQuote = (workspace: Workspace, quote: Quote): Workspace =>
  edited(workspace, ({ quotes }) => {
    const at = workspace.quotes.findIndex(({ id }) => id === quote.id);
    if (at >= 0) quotes[at] = quote;
  });

/** Takes a quote away, and what other quotes say of it. Cases keep their own copy. */
export const removeQuote = (workspace: Workspace, id: string): Workspace =>
  removeEntries(workspace, { quotes: new Set([id]) });
