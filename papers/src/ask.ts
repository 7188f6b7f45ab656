import type { RigView } from '@wagonomos/core';
import type { UprateCase } from '@wagonomos/core/uprating';
import type { BasedVerdict, Ticket } from '@wagonomos/core/weighing';
import type { SheetSize } from './print/paper.ts';
import type { PaperWords } from './words/paperWords.ts';

/** What a paper is made from. */
export interface PaperAsk {
  readonly view: RigView;
  /** Where its masses are from. */
  readonly based: BasedVerdict;
  /** The plan was chosen, and not taken for want of slips. */
  readonly planAsked: boolean;
  /** Until which day the plates held that it is read against, ISO 8601; null: today's. */
  readonly platesUntil: string | null;
  /** Of this rig. */
  readonly tickets: readonly Ticket[];
  readonly cases: readonly UprateCase[];
  readonly words: PaperWords;
  /** The words of the place travelled in, for whoever stops one there. */
  readonly abroad: PaperWords;
  readonly size: SheetSize;
  /** ISO 8601. */
  readonly today: string;
  /** Hashes of the pictures that are at hand when it is printed. */
  readonly pictures: ReadonlySet<string>;
}
