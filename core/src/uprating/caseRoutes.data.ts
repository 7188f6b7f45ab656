import type { Confidence } from '../checks/check.ts';
import type { Country } from '../situation/countries.ts';
import type { AustralianState } from '../situation/situation.ts';

/** Who has to do a step. */
export type CaseRole = 'owner' | 'maker' | 'certifier' | 'workshop' | 'authority' | 'insurer';

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

/** The way to a lawful new figure in one place. What is particular about it is a sentence of the catalogue. */
export interface CaseRoute {
  readonly id: string;
  readonly of: 'vehicle' | 'trailer';
  readonly countries: readonly Country[];
  /** Only there; left out: in every state, or where nobody has said which. */
  readonly states?: readonly AustralianState[];
  /** up: to carry more. down: to weigh less on paper. before: before it ever was registered. combination: only that limit. */
  readonly for: readonly ('up' | 'down' | 'before' | 'combination')[];
  readonly steps: readonly CaseStepName[];
  readonly source: string;
  readonly confidence: Confidence;
}

const built = [
  'ask',
  'order',
  'fit',
  'inspect',
  'certificate',
  'entry',
  'plate',
  'insurer',
  'drivers',
  'weigh',
] as const;
/** Where the authority wants to be asked before anything is built. */
const approvedFirst = ['ask', 'approval', ...built.slice(1)] as const;
/** No document of the trailer's own to enter anything in. */
const noPapers = built.filter((step) => step !== 'entry' && step !== 'drivers');
const upAndDown = ['up', 'down'] as const;

type Row = readonly [
  id: string,
  of: CaseRoute['of'],
  countries: readonly Country[],
  forWhat: CaseRoute['for'],
  steps: readonly CaseStepName[],
  source: string,
  confidence: Confidence,
  states?: readonly AustralianState[],
];

/** The first that fits counts. From general knowledge, each with its confidence; not yet checked against the texts. */
const rows: readonly Row[] = [
  ['auBefore', 'vehicle', ['AU'], ['before'], built, 'auCertification', 'medium'],
  ['auCombination', 'vehicle', ['AU'], ['combination'], approvedFirst, 'auCertification', 'low'],
  ['auNsw', 'vehicle', ['AU'], upAndDown, built, 'auCertification', 'high', ['NSW']],
  ['auVic', 'vehicle', ['AU'], upAndDown, built, 'auCertification', 'high', ['VIC']],
  ['auQld', 'vehicle', ['AU'], upAndDown, built, 'auCertification', 'medium', ['QLD']],
  ['auPrior', 'vehicle', ['AU'], upAndDown, approvedFirst, 'auCertification', 'medium', ['SA', 'WA']],
  ['auAct', 'vehicle', ['AU'], upAndDown, built, 'auCertification', 'medium', ['ACT']],
  ['auOther', 'vehicle', ['AU'], upAndDown, approvedFirst, 'auCertification', 'low'],
  ['auTrailer', 'trailer', ['AU'], [...upAndDown, 'before'], built, 'auTrailerBulletin', 'medium'],
  ['ukVehicle', 'vehicle', ['GB'], [...upAndDown, 'before', 'combination'], built, 'ukRegistration', 'medium'],
  ['niVehicle', 'vehicle', ['GB-NIR'], [...upAndDown, 'before', 'combination'], built, 'ukRegistration', 'low'],
  ['ukTrailer', 'trailer', ['GB', 'GB-NIR'], [...upAndDown, 'before'], noPapers, 'upratePractice', 'medium'],
  ['deUp', 'vehicle', ['DE'], ['up', 'before', 'combination'], built, 'deMasses', 'high'],
  ['deDown', 'vehicle', ['DE'], ['down'], built, 'deMasses', 'medium'],
  ['deTrailer', 'trailer', ['DE'], [...upAndDown, 'before'], built, 'deMasses', 'medium'],
  ['it', 'vehicle', ['IT'], [...upAndDown, 'before', 'combination'], approvedFirst, 'itRoadCode', 'medium'],
  ['fr', 'vehicle', ['FR'], [...upAndDown, 'before', 'combination'], approvedFirst, 'frRoadCode', 'medium'],
  ['es', 'vehicle', ['ES'], [...upAndDown, 'before', 'combination'], built, 'esVehicleRules', 'medium'],
  [
    'other',
    'vehicle',
    ['NL', 'AT', 'CH'],
    [...upAndDown, 'before', 'combination'],
    approvedFirst,
    'euNationalLaw',
    'low',
  ],
  [
    'otherTrailer',
    'trailer',
    ['IT', 'FR', 'ES', 'NL', 'AT', 'CH'],
    [...upAndDown, 'before'],
    approvedFirst,
    'euNationalLaw',
    'low',
  ],
];

export const caseRoutes: readonly CaseRoute[] = rows.map(
  ([id, of, countries, forWhat, steps, source, confidence, states]) => ({
    id,
    of,
    countries,
    for: forWhat,
    steps,
    source,
    confidence,
    ...(states ? { states } : {}),
  }),
);

export const roleOf: Readonly<Record<CaseStepName, CaseRole>> = {
  ask: 'owner',
  order: 'owner',
  approval: 'authority',
  fit: 'workshop',
  inspect: 'certifier',
  certificate: 'certifier',
  entry: 'authority',
  plate: 'certifier',
  insurer: 'insurer',
  drivers: 'owner',
  weigh: 'owner',
};
