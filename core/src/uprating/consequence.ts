import type { Message } from '../messages/message.ts';
import type { Confidence } from '../situation/confidence.ts';
import type { Threshold, ThresholdTopic } from '../jurisdictions/law.ts';
import type { Jurisdiction } from '../situation/situation.ts';
import type { UprateFact } from '../jurisdictions/uprateLaw.ts';

export type ConsequenceTopic = ThresholdTopic | UprateFact['topic'] | 'limits';

/** One thing that is otherwise after a change of plates, or that a driver will want to know stays as it is. */
export interface Consequence {
  readonly id: string;
  readonly topic: ConsequenceTopic;
  /**
   * begins, ends: a mark is passed. lost, gained: somebody's right to drive it. differs: another figure. same: looked at, and
   * unchanged. open: not known. note: goes with it.
   */
  readonly change: 'begins' | 'ends' | 'lost' | 'gained' | 'differs' | 'same' | 'open' | 'note';
  /** Which figure decides, kg before and after, and the mark it passes. */
  readonly mark: {
    readonly of: Threshold['of'];
    readonly from: number;
    readonly to: number;
    readonly at: number;
  } | null;
  /** Whom or which body it is about. */
  readonly about: Message | null;
  readonly place: Jurisdiction | null;
  readonly says: Message;
  readonly before: Message | null;
  readonly after: Message | null;
  readonly source: string;
  readonly confidence: Confidence;
  /** Who knows for certain: a key of the catalogue. */
  readonly ask: string;
}

/** A consequence with everything left out that does not apply. */
export const consequence = (
  one: Omit<Consequence, 'mark' | 'about' | 'place' | 'before' | 'after'> &
    Partial<Pick<Consequence, 'mark' | 'about' | 'place' | 'before' | 'after'>>,
): Consequence => ({ mark: null, about: null, place: null, before: null, after: null, ...one });
