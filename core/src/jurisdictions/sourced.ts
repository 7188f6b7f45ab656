import type { Confidence } from '../situation/confidence.ts';
import type { Dated } from '../situation/dated.ts';

/** What every fact of a place carries beside what it says: where it is from and how sure that is. */
export interface Sourced extends Dated {
  /** Key of the catalogue. */
  readonly source: string;
  readonly confidence: Confidence;
}
