import type { Content } from 'pdfmake/interfaces';

export const sheetSizes = ['A4', 'LETTER'] as const;
export type SheetSize = (typeof sheetSizes)[number];

/** A paper before it is printed: plain data, so that it can be handed to a worker. Sizes in points. */
export interface Paper {
  readonly title: string;
  /** Of the file that comes of it, without its ending. */
  readonly fileName: string;
  readonly size: SheetSize;
  /** Half a sheet, the long way up like the whole. */
  readonly half: boolean;
  /** Stands on every sheet: what it is, of what, of which day. */
  readonly head: string;
  /** Stands on every sheet, small: the cautions. */
  readonly foot: readonly string[];
  /** Said at the foot where a sign could not be printed. */
  readonly lacking: string;
  /** "{page} of {pages}" with the two gaps still in it. */
  readonly pageOf: string;
  readonly content: readonly Content[];
  /**
   * It should be one sheet: set smaller, as far as it can be read, then with this content instead, before it goes on a second.
   * null: it may have as many as it needs.
   */
  readonly shorter: readonly Content[] | null;
  /** The day it was made, ISO 8601. */
  readonly made: string;
}
