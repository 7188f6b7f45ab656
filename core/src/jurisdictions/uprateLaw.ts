import type { AustralianState } from '../situation/situation.ts';
import type { Sourced } from './sourced.ts';

/** When something is worth saying of a change of plates. */
export type SaidWhen = 'always' | 'raised' | 'lowered' | 'aboveCar' | 'belowCar' | 'towing';

/** What goes with a new plate beside the thresholds it passes. The sentence is in the catalogue, `uprate.fact.<id>`. */
export interface UprateFact extends Sourced {
  readonly id: string;
  readonly topic: 'insurance' | 'resale' | 'reversal' | 'towing' | 'mass' | 'abroad';
  readonly when: SaidWhen;
}

export const caseStepNames = [
  'ask',
  'order',
  'approval',
  'fit',
  'inspect',
  'certificate',
  'entry',
  'plate',
  'insurer',
  'drivers',
  'weigh',
] as const;
export type CaseStepName = (typeof caseStepNames)[number];

/** The way to a lawful new figure in one place. What is particular about it is a sentence of the catalogue, `caseRoute.<id>`. */
export interface CaseRoute extends Sourced {
  readonly id: string;
  readonly of: 'vehicle' | 'trailer';
  /** Only there; left out: in every state, or where nobody has said which. */
  readonly states?: readonly AustralianState[];
  /** up: to carry more. down: to weigh less on paper. before: before it ever was registered. combination: only that limit. */
  readonly for: readonly ('up' | 'down' | 'before' | 'combination')[];
  readonly steps: readonly CaseStepName[];
}

/** What is known of plates that are set anew. Of the routes the first that fits counts. */
export interface UprateLaw {
  readonly routes: readonly CaseRoute[];
  readonly facts: readonly UprateFact[];
}

/** Built first, and asked about then. */
export const built: readonly CaseStepName[] = caseStepNames.filter((step) => step !== 'approval');
/** Where the authority wants to be asked before anything is built. */
export const approvedFirst: readonly CaseStepName[] = ['ask', 'approval', ...built.slice(1)];

export const upAndDown = ['up', 'down'] as const;
/** Whatever is wanted of it. */
export const anyAim = [...upAndDown, 'before', 'combination'] as const;
/** A trailer plates no combination. */
export const trailerAims = [...upAndDown, 'before'] as const;

/** Arithmetic, and the same everywhere: what is empty weighs what it weighed. */
export const emptyStays: UprateFact = {
  id: 'emptyStays',
  topic: 'mass',
  when: 'lowered',
  source: 'statics',
  confidence: 'high',
};

/** Where nothing better is known of the way back. */
export const wayBack: UprateFact = {
  id: 'back',
  topic: 'reversal',
  when: 'always',
  source: 'upratePractice',
  confidence: 'low',
};
