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
export interface RuleFacts extends Omit<RuleSource, 'ask' | 'reviewed'> {
  readonly kind: CheckKind;
}

/** The facts as they stand in a rulebook: with who knows for certain, and when they were last gone through. */
export type RuleInForce = RuleFacts & RuleSource;
export type RulesInForce = Readonly<Partial<Record<RuleId, RuleInForce>>>;

/** A layer of a rulebook: a later layer replaces an earlier one, rule by rule; null takes a rule out of force. */
export type FactLayer = Readonly<Partial<Record<RuleId, RuleFacts | null>>>;

/** The facts in force, common first, then region, then country or state. */
export const layered = (...layers: readonly FactLayer[]): FactLayer => Object.assign({}, ...layers) as FactLayer;
