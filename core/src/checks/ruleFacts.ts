import type { Dated } from '../situation/dated.ts';
import type { CheckKind, RuleSource } from './check.ts';

/** What is known of a rule in one place: its force, its source, its figures. Kept apart from the function that applies it. */
export interface RuleFacts extends Omit<RuleSource, 'ask' | 'compiled' | 'checkAgainBy'>, Dated {
  readonly kind: CheckKind;
}

/** Who knows for certain, where it is not the authority of the place. */
export const checksKindAsks: Readonly<Partial<Record<CheckKind, string>>> = { maker: 'maker', guidance: 'adviser' };

/** The facts as they stand in a rulebook: with who knows for certain, and when they were written down. */
export type RuleInForce = RuleFacts & RuleSource;
