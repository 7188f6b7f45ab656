import type { Dated } from '../situation/dated.ts';
import type { CheckKind, RuleSource } from './check.ts';

export type RuleId =
  | 'vehicle.max'
  | 'vehicle.technicalMax'
  | 'axle.front'
  | 'axle.frontMin'
  | 'axle.frontShare'
  | 'axle.rear'
  | 'axle.tag'
  | 'trailer.max'
  | 'trailer.technicalMax'
  | 'trailer.axles'
  | 'trailer.axleGroup'
  | 'combination.max'
  | 'tow.braked'
  | 'tow.unbraked'
  | 'ball.max'
  | 'ball.min'
  | 'ball.share'
  | 'place.rating'
  | 'coupling.part'
  | 'coupling.dValue'
  | 'camper.max'
  | 'vehicle.cargo'
  | 'gear.tyres'
  | 'gear.tyreReserve'
  | 'gear.wheels'
  | 'gear.springs'
  | 'brakes.required'
  | 'tow.half'
  | 'tow.fallback'
  | 'brakes.kind'
  | 'brakes.controller'
  | 'breakaway.required'
  | 'chains.required'
  | 'tow.ratio'
  | 'tow.ownMass'
  | 'combination.sum'
  | 'gear.speed'
  | 'gear.age'
  | 'people.seats'
  | 'road.hundred'
  | 'people.licence'
  | 'people.novice';

/** What is known of a rule in one place: its force, its source, its figures. Kept apart from the function that applies it. */
export interface RuleFacts extends Omit<RuleSource, 'ask' | 'compiled' | 'checkAgainBy'>, Dated {
  readonly kind: CheckKind;
}

/** Who knows for certain, where it is not the authority of the place. */
export const checksKindAsks: Readonly<Partial<Record<CheckKind, string>>> = { maker: 'maker', guidance: 'adviser' };

/** The facts as they stand in a rulebook: with who knows for certain, and when they were written down. */
export type RuleInForce = RuleFacts & RuleSource;
export type RulesInForce = Readonly<Partial<Record<RuleId, RuleInForce>>>;

/**
 * A layer of a rulebook: a later layer replaces an earlier one, rule by rule; null takes a rule out of force. Where a rule changes
 * on a day, its rows one after the other, each with its days.
 */
export type FactLayer = Readonly<Partial<Record<RuleId, RuleFacts | readonly RuleFacts[] | null>>>;
