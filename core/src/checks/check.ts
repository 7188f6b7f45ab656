import type { TypicalPart } from '../loads/loads.ts';
import type { Message } from '../messages/message.ts';
import type { PlatedFigure } from '../rig/plate.ts';
import type { Missing } from '../rig/missing.ts';
import type { Confidence } from '../situation/confidence.ts';
import type { Region } from '../situation/situation.ts';
import type { LengthEffect } from '../statics/pointLoad.ts';
import type { QuantityName } from '../statics/rigRows.ts';
import type { Row } from '../statics/row.ts';

/**
 * legal: law, or a plated figure law forbids to exceed. maker: a maker's limit. guidance: advice, never "illegal".
 * permit: what would be allowed in addition; not to have it breaks nothing.
 */
export type CheckKind = 'legal' | 'maker' | 'guidance' | 'permit';

/** The kinds whose excess is a fault of the rig. */
const bindingKinds: readonly CheckKind[] = ['legal', 'maker'];

/** Whether an excess would be a fault of the rig: law and makers' limits; advice and permits never bind. */
export const binds = ({ kind }: Pick<Check, 'kind'>): boolean => bindingKinds.includes(kind);

export type CheckStatus = 'within' | 'tight' | 'over' | 'unknown' | 'notApplicable';

export const checkGroups = [
  'vehicle',
  'axles',
  'trailer',
  'coupling',
  'combination',
  'people',
  'road',
  'places',
] as const;
export type CheckGroup = (typeof checkGroups)[number];

/** Where a rule comes from and how sure we are of it. `source` and `ask` are keys of the catalogue. */
export interface RuleSource {
  readonly source: string;
  /** Who knows for certain: an authority, or the maker. */
  readonly ask: string;
  /** The day these facts were written down from memory, and by when they are to be gone through again, ISO 8601. */
  readonly compiled: string;
  readonly checkAgainBy: string;
  /** The day of review that was past on the day asked for, or the one before which nothing of it is known. */
  readonly overdueSince?: string;
  readonly notKnownBefore?: string;
  readonly edition?: string;
  readonly confidence: Confidence;
  readonly variesBy?: 'state' | 'country' | 'maker';
  /** Numbers the rule itself names: shares, thresholds; true for what holds or does not. */
  readonly figures?: Readonly<Record<string, number | true>>;
}

/** What a check is to the rig, where somebody asks for it: by this and never by the name of its rule. */
export type CheckRole =
  /** The plated maximum of a body or of both. */
  | 'total'
  | 'axle'
  | 'towing'
  | 'ballMost'
  | 'ballLeast'
  /** The advised band of the load on the coupling. */
  | 'band'
  /** Whether somebody may drive it. */
  | 'driver'
  | 'brakes'
  | 'chains'
  /** How old tyres are beside how old they should grow. */
  | 'tyreAge'
  /** What tyres carry beside what their axle is plated for. */
  | 'tyrePlate'
  /** How fast it may go. */
  | 'speed';

type CheckUnit = 'm' | 'kN' | 'people' | 'pieces' | 'kmh' | 'years';

/** A limit that is a share of a mass, or a sum of them, and no more than others allow. */
export interface WorkedLimit {
  readonly op: 'product' | 'sum';
  readonly of: readonly LimitPart[];
  readonly atMost?: readonly LimitPart[];
}

export interface LimitPart {
  readonly name: Message;
  readonly value: number;
  /** kg where nothing is said. */
  readonly unit?: 'kg' | 'share';
}

/** One comparison of a load with a limit. Masses in kg; margin = what is left, negative when over (or short of a least). */
export interface Check {
  readonly id: string;
  readonly rule: string;
  readonly role: CheckRole | null;
  readonly region: Region;
  readonly kind: CheckKind;
  readonly group: CheckGroup;
  /** The load compared; for a place or a camper, its own contents; for `cargo`, what a vehicle carries; a D-value follows from permitted masses;
   * brakes and licence go by the plates; people, chains and years are counted. */
  readonly quantity: QuantityName | 'place' | 'camper' | 'cargo' | 'dValue' | 'plated' | 'answer' | 'counted';
  /** What demand, limit and margin are in; kg where nothing is said. */
  readonly unit?: CheckUnit | undefined;
  /** What the check is called: the limit in the words of the region, or the owner's place. */
  readonly name: Message;
  /** A most or a least. */
  readonly sense: 'max' | 'min';
  readonly demand: number | null;
  /** Two figures of the load that cannot both be right, where it is within by one of them and not by the other. */
  readonly ways?: readonly [number, number] | undefined;
  readonly sigma: number | null;
  readonly limit: number | null;
  readonly margin: number | null;
  readonly status: CheckStatus;
  /** On the list of what must be known before a rig can be called legal. */
  readonly required: boolean;
  readonly source: RuleSource;
  /** How the limit was worked out, where it stands on no plate. */
  readonly worked?: WorkedLimit | undefined;
  /** The figures the limit was taken from, lowest first. */
  readonly figures: readonly PlatedFigure[];
  readonly missing: readonly Missing[];
  readonly notes: readonly Message[];
  /** How the margin is used up by a kg anywhere on the rig; null where the load is unknown or only one place counts. */
  readonly use: Row | null;
  /** How lengths that are not known exactly make the load doubtful; part of `sigma`. */
  readonly lengths?: readonly LengthEffect[] | undefined;
  /** What of the load was taken as is usual, the most doubtful first: decided, it holds as far as is usual. */
  readonly typical?: readonly TypicalPart[] | undefined;
  /** A second bound of which either is enough (a share, or a fixed mass): its margin and its row. */
  readonly either?: { readonly margin: number; readonly use: Row } | undefined;
  /** Only for a place: which one. */
  readonly place?: { readonly body: string; readonly place: string };
  /** What has no row: whatever lies there counts kg for kg, of a body all of it; left out: nothing does. */
  readonly counts?: readonly { readonly body: string; readonly place?: string | undefined }[] | undefined;
  /** Only of drivers: which of them; empty for the one who was asked first. */
  readonly driver?: string | undefined;
}

/** What keeps a rig from being called legal: nobody can judge it yet, and law asks for it, or it is on the list of what must be known. */
export const leavesOpen = ({ kind, required, status }: Pick<Check, 'kind' | 'required' | 'status'>): boolean =>
  status === 'unknown' && (required || kind === 'legal');

/** The totals of a rig: the plated maximum of each body and of both. */
export const isTotal = ({ role }: Pick<Check, 'role'>): boolean => role === 'total';

/** Past a rule of law that is known well enough to say so. */
export const breaksLaw = (check: Check): boolean =>
  check.kind === 'legal' && check.status === 'over' && check.source.confidence !== 'low';

/** Past a rule of law that is not known well enough: it is asked about, never called illegal. */
export const mayBreakLaw = (check: Check): boolean =>
  check.kind === 'legal' && check.status === 'over' && check.source.confidence === 'low';

/** Whether its margin is kg of something on board, so that margins can be set side by side. */
export const comparesLoad = ({ quantity, unit }: Check): boolean =>
  unit === undefined && quantity !== 'plated' && quantity !== 'answer' && quantity !== 'counted';

/** A check that binds, is about something on board, and whose margin is known: what runs out when more is loaded. */
export const bindsLoad = (check: Check): check is Check & { readonly margin: number } =>
  binds(check) && comparesLoad(check) && check.margin !== null;
