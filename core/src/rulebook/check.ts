import type { Message } from '../messages/message.ts';
import type { PlatedFigure } from '../rig/plate.ts';
import type { Missing } from '../rig/missing.ts';
import type { Region } from '../situation/situation.ts';
import type { QuantityName } from '../statics/rigRows.ts';
import type { Row } from '../statics/row.ts';

/** legal: law, or a plated figure law forbids to exceed. maker: a maker's limit. guidance: advice, never "illegal". */
export type CheckKind = 'legal' | 'maker' | 'guidance';

export type CheckStatus = 'within' | 'tight' | 'over' | 'unknown' | 'notApplicable';

type Confidence = 'high' | 'medium' | 'low';

export const checkGroups = ['vehicle', 'axles', 'trailer', 'coupling', 'combination', 'people', 'places'] as const;
export type CheckGroup = (typeof checkGroups)[number];

/** Where a rule comes from and how sure we are of it. `source` is a key of the catalogue. */
export interface RuleSource {
  readonly source: string;
  readonly edition?: string;
  readonly confidence: Confidence;
  readonly variesBy?: 'state' | 'country' | 'maker';
  /** Numbers the rule itself names: shares, thresholds. */
  readonly figures?: Readonly<Record<string, number>>;
}

/** One comparison of a load with a limit. Masses in kg; margin = what is left, negative when over (or short of a least). */
export interface Check {
  readonly id: string;
  readonly rule: string;
  readonly region: Region;
  readonly kind: CheckKind;
  readonly group: CheckGroup;
  /** The load compared; for a place or a camper, its own contents; a D-value follows from permitted masses;
   * brakes and licence go by the plates. */
  readonly quantity: QuantityName | 'place' | 'camper' | 'dValue' | 'plated' | 'licence';
  /** What demand, limit and margin are in; kg where nothing is said. */
  readonly unit?: 'kN';
  /** What the check is called: the limit in the words of the region, or the owner's place. */
  readonly name: Message;
  /** A most or a least. */
  readonly sense: 'max' | 'min';
  readonly demand: number | null;
  readonly sigma: number | null;
  readonly limit: number | null;
  readonly margin: number | null;
  readonly status: CheckStatus;
  /** On the list of what must be known before a rig can be called legal. */
  readonly required: boolean;
  readonly source: RuleSource;
  /** The figures the limit was taken from, lowest first. */
  readonly figures: readonly PlatedFigure[];
  readonly missing: readonly Missing[];
  readonly notes: readonly Message[];
  /** How the margin is used up by a kg anywhere on the rig; null where the load is unknown or only one place counts. */
  readonly use: Row | null;
  /** A second bound of which either is enough (a share, or a fixed mass): its margin and its row. */
  readonly either?: { readonly margin: number; readonly use: Row };
  /** Only for a place: which one. */
  readonly place?: { readonly body: string; readonly place: string };
}
