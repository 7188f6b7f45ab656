import type { Confidence } from '../situation/confidence.ts';
import type { Sourced } from './sourced.ts';
import type { UprateLaw } from './uprateLaw.ts';
import type { FactLayer } from '../rules/ruleId.ts';
import type { LimitName } from '../rig/limitNames.ts';
import type { Country } from '../situation/countries.ts';
import type { AustralianState } from '../situation/situation.ts';
import type { LicenceLaw } from '../rules/licenceLaw.ts';
import type { When } from './when.ts';

/** What of an owner's life a mark touches. */
export type ThresholdTopic =
  'licence' | 'speed' | 'brakes' | 'chains' | 'equipment' | 'tests' | 'tax' | 'tolls' | 'zones' | 'fines' | 'rules';

/** Something that changes when a figure passes a mark. What changes is a sentence of the catalogue, `threshold.<id>`. */
export interface Threshold extends Sourced {
  readonly id: string;
  readonly topic: ThresholdTopic;
  /** Whose figure it is: a plate, vehicle and trailer by their plates together, or the vehicle with nothing in it. */
  readonly of:
    | Extract<LimitName, 'vehicleMax' | 'vehicleTechnicalMax' | 'trailerMax' | 'trailerAxlesMax' | 'combinationMax'>
    | 'sumOfPlates'
    | 'vehicleUnladen';
  /** kg; strictly more passes it. */
  readonly at: number;
  /** Who decides: where it is registered, where it travels, who issued the licence. */
  readonly by: 'vehicle' | 'trailer' | 'travel' | 'licence';
  readonly state?: AustralianState;
}

/** What a well-read person would say and no arithmetic decides. The sentence is in the catalogue, `info.<id>`. */
export interface Note extends Sourced {
  readonly id: string;
  readonly states?: readonly AustralianState[];
  /** Everywhere but there. */
  readonly exceptStates?: readonly AustralianState[];
  /** Asked where the rig travels, or where it is registered. */
  readonly by: 'travel' | 'vehicle';
  /** What comes of not knowing it: somebody is hurt, or fined; left out: it is good to know. */
  readonly harm?: 'hurt' | 'fine' | 'know';
  /** It names what nobody judges there: said beside the verdict, not among what else is worth knowing. */
  readonly unjudged?: true;
  readonly when: When;
}

export type SpeedLine = 'car' | 'goods' | 'towing' | 'lightTrailer' | 'heavyTowing' | 'heavy' | 'veryHeavy';

/** Speeds by kind of road; null where they are not known or none is posted generally. */
export interface RoadSpeeds {
  readonly rural: number | null;
  readonly dual: number | null;
  readonly motorway: number | null;
}

/** One line of a place's speeds; the first that applies holds. */
interface SpeedRow extends RoadSpeeds, Sourced {
  readonly as: SpeedLine;
  readonly when: When;
  readonly state?: AustralianState;
  /** Key of what else it asks. */
  readonly asks?: string;
}

/** Speeds of a place. Without rows nothing but what is posted is known. */
export interface SpeedLaw {
  readonly unit: 'km/h' | 'mph';
  readonly rows: readonly SpeedRow[];
  /** Lower ceilings of new drivers, whatever the rig. */
  readonly novice?: {
    readonly state: AustralianState;
    readonly ceilings: Readonly<Record<'learner' | 'p1' | 'p2', number>>;
    readonly source: string;
    readonly confidence: Confidence;
  };
}

/** From this share above the limit on: about so much, in the country's money, and points where there are any. */
export interface SanctionBand {
  readonly above: number;
  /** And more than so many kg. */
  readonly aboveKg?: number;
  readonly amount: number;
  readonly most?: number;
  readonly points?: number;
}

/** What overloading tends to cost. Indications of no legal force, apart from every verdict. */
export interface SanctionRow extends Sourced {
  /** The load on the coupling is often an entry of its own. */
  readonly of: 'masses' | 'ball';
  readonly when: When;
  /** none: no figures are known. bands: by share above. tranche: so much for every so many kg begun. */
  readonly how: 'none' | 'bands' | 'tranche';
  readonly bands?: readonly SanctionBand[];
  readonly perKg?: number;
  readonly currency?: 'EUR' | 'CHF' | 'GBP';
  /** From this share above the limit on something else than a fine: its key in the catalogue, `sanction.<says>`. */
  readonly beyond?: { readonly above: number; readonly says: 'court' | 'proceedings' | 'higherClass' };
}

/** Everything known of the law of one place; what it does not say of itself it takes from what it stands on. */
export interface Law {
  readonly place: Country;
  /** Laws it stands on, nearest last; rules of this one replace theirs one by one, all else comes on top. */
  readonly rules: readonly FactLayer[];
  readonly states?: Readonly<Record<AustralianState, FactLayer>>;
  readonly thresholds: readonly Threshold[];
  readonly notes: readonly Note[];
  readonly speeds: SpeedLaw | null;
  readonly sanctions: readonly SanctionRow[];
  /** Of licences issued there; null: none that can be judged. */
  readonly licences: LicenceLaw | null;
  /** Of plates set anew there; null: nothing is known. */
  readonly uprating: UprateLaw | null;
}
