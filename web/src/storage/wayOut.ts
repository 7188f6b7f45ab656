import type { Opening } from './opening.ts';

/**
 * The ways on which a document leaves the page and may take the place of another: the browser's store, the file in the owner's
 * folder, and old copies, which go when there is no room for a new one.
 */
export type WayOut = 'store' | 'folder' | 'oldCopies';

/** What is known of where a document came from. */
export interface Origin {
  /** What was found where the document is kept; null: nobody has looked yet. */
  readonly found: Opening | null;
  /** The owner has said that what could not be read may be replaced. */
  readonly released: boolean;
  /** The file in the owner's folder may hold more than what is here, since a start that could not read all of it. */
  readonly folderAhead: boolean;
}

/**
 * The one rule of what may be replaced: nothing is written over what this document was not read from. What could not be read whole
 * may be replaced in the store once a copy of it is kept, or the owner has said so; the file in his folder and the copies are
 * then the best there is, and stay.
 */
export function mayReplace(way: WayOut, { found, released, folderAhead }: Origin): boolean {
  if (way === 'folder' && folderAhead) return false;
  switch (found?.kind) {
    case undefined:
    case 'blocked':
      return false;
    case 'read':
    case 'first':
      return true;
    case 'wiped':
      return way === 'store';
    case 'damaged':
      return way === 'store' && (found.copied || released);
    case 'newer':
      return way === 'store' && released;
  }
}

/** Whether what was kept before holds more than what this opening could show: then a file written from it does, too. */
export const isLess = (found: Opening): boolean =>
  found.kind === 'damaged' || found.kind === 'newer' || found.kind === 'wiped';
