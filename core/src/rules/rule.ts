import type { Check, CheckGroup, CheckRole } from '../checks/check.ts';
import { newCheck, type Frame } from '../checks/newCheck.ts';
import type { RuleFacts, RuleInForce } from '../checks/ruleFacts.ts';
import type { RigView } from '../loading/rigView.ts';
import type { Loads } from '../loads/loads.ts';
import { message, type Message } from '../messages/message.ts';
import type { Country } from '../situation/countries.ts';
import type { Side } from '../statics/pointLoad.ts';
import type { LicenceLaw } from './licenceLaw.ts';

/** What a figure of a rule is in; a flag holds or does not. */
export type FigureUnit = 'kg' | 'm' | 'share' | 'kmh' | 'years' | 'flag';
type FigureUnits = Readonly<Record<string, FigureUnit>>;
type FigureValue<Unit> = Unit extends 'flag' ? true : number;

/** The figures of a rule: those it cannot do without, and those a place may add. */
export type Figures<Needs, May> = Flat<
  { readonly [Name in keyof Needs]: FigureValue<Needs[Name]> } & {
    readonly [Name in keyof May]?: FigureValue<May[Name]>;
  }
>;
type Flat<Of> = { readonly [Name in keyof Of]: Of[Name] };

/** What is written down of a rule in one place. */
type Facts<Needs, May> = Omit<RuleFacts, 'figures'> &
  (keyof Needs extends never ? { readonly figures?: Figures<Needs, May> } : { readonly figures: Figures<Needs, May> });

/** The facts of a rule as they stand on a day. */
export type InForce<Of> = Omit<RuleInForce, 'figures'> & { readonly figures: Of };

/** What must be there before a rule is asked at all, and what is said where it is not. */
type Need = 'vehicle' | 'trailer' | 'camper' | 'licence' | 'novice';

const met: Readonly<Record<Need, (view: RigView) => boolean>> = {
  vehicle: ({ vehicle }) => Boolean(vehicle),
  trailer: ({ trailer }) => Boolean(trailer),
  camper: ({ camper }) => Boolean(camper),
  licence: ({ situation }) => situation.licence !== undefined || (situation.drivers ?? []).length > 0,
  novice: ({ situation: { licence, drivers = [] } }) =>
    licence?.novice !== undefined || drivers.some((one) => one.licence.novice !== undefined),
};

const unmetWords: Readonly<Record<Need, string>> = {
  vehicle: 'check.no.vehicle',
  trailer: 'check.no.trailer',
  camper: 'rule.notAsked.camper',
  licence: 'rule.notAsked.licence',
  novice: 'rule.notAsked.novice',
};

/** What a check has of its own, beside what its rule gives to all of them. */
interface Opening extends Omit<Frame, 'rule' | 'role' | 'group' | 'facts'>, Partial<Pick<Frame, 'group'>> {
  /** Where the rule makes one check for each of several things: which one. */
  readonly part?: string | undefined;
}

/** What a rule is given to judge by. */
export interface Asked<Of> {
  readonly loads: Loads;
  /** What is known of it where a body is registered; null where it is not in force there. */
  readonly at: (side: Side) => InForce<Of> | null;
  /** The same in every place of the journey that has it, in their order. */
  readonly onTheWay: () => readonly InForce<Of>[];
  /** The same where a licence was issued. */
  readonly issuedIn: (country: Country) => InForce<Of> | null;
  /** The licences a country issues; null: none that can be judged. */
  readonly licencesOf: (country: Country) => LicenceLaw | null;
  /** Whether another rule is in force where a body is registered. */
  readonly inForce: (other: { readonly id: string }, side: Side) => boolean;
  /** The highest speed that law allows this rig anywhere on the way, km/h; null: nothing is known of it. */
  readonly fastest: () => number | null;
  /** A check of this rule that nothing has been compared in yet: the one way to make one. */
  open(this: void, facts: InForce<Of>, frame: Opening): Check;
}

/** One rule, whole: what it protects is `rule.<id>` of the catalogue, what its excess means `over.<id>`, what then to do `todo.<id>`. */
export interface Rule<Id extends string = string, Needs = FigureUnits, May = FigureUnits> {
  readonly id: Id;
  readonly group: CheckGroup;
  readonly role?: CheckRole;
  /** Whose law it is: of the papers of a body (of each that it is about), of the road, of whoever issued the licence. */
  readonly by: Side | 'each' | 'road' | 'issuer';
  readonly asks: readonly Need[];
  /** Why it makes no check of a rig that has all it asks for, `rule.notAsked.<silence>`. */
  readonly silence?: 'gear' | 'place' | 'people' | 'dimensions' | 'axlesApart';
  /** The figures every place must give that has it, and those it may. */
  readonly needs: Needs;
  readonly may: May;
  /** Facts of a rule that few places know, told here and not in their tables. */
  readonly places?: Readonly<Partial<Record<Country, Facts<Needs, May>>>>;
  /** Compares. What is missing and how the limit was worked out is part of the check. */
  check(asked: Asked<Figures<Needs, May>>): readonly Check[];
}

/** Figures, whatever they are called. */
export type AnyFigures = Readonly<Record<string, number | true>>;

/** Any rule, where it does not matter which figures it has. */
export interface AnyRule extends Omit<Rule, 'places' | 'check'> {
  readonly places?: Readonly<Partial<Record<Country, RuleFacts>>>;
  check(asked: Asked<AnyFigures>): readonly Check[];
}

export type FactsOf<Of> = Of extends Rule<string, infer Needs, infer May> ? Facts<Needs, May> : never;

type Defined<Id extends string, Needs, May> = Omit<Rule<Id, Needs, May>, 'needs' | 'may' | 'asks' | 'places'> & {
  readonly asks?: readonly Need[];
  readonly needs?: Needs;
  readonly may?: May;
  readonly places?: Rule<Id, NoInfer<Needs>, NoInfer<May>>['places'];
};

/** A rule, with its figures typed by the units it names them in. It counts once it is on the list of all rules. */
export const defineRule = <
  const Id extends string,
  const Needs extends FigureUnits = Readonly<Record<never, never>>,
  const May extends FigureUnits = Readonly<Record<never, never>>,
>(
  rule: Defined<Id, Needs, May>,
): Rule<Id, Needs, May> => ({
  ...rule,
  asks: rule.asks ?? [],
  needs: rule.needs ?? ({} as Needs),
  may: rule.may ?? ({} as May),
});

/** Whether a rig has what a rule asks for. */
export const isAsked = ({ asks }: Pick<AnyRule, 'asks'>, view: RigView): boolean =>
  asks.every((need) => met[need](view));

/** Why a rule in force made no check of this rig. */
export function notAsked({ asks, silence }: Pick<AnyRule, 'asks' | 'silence'>, view: RigView): Message {
  const unmet = asks.find((need) => !met[need](view));
  return message(unmet ? unmetWords[unmet] : `rule.notAsked.${silence ?? 'nothing'}`);
}

/** What is known of a rule, given to it with a way to make its checks. */
export const asking = (
  rule: AnyRule,
  loads: Loads,
  lookUp: Omit<Asked<AnyFigures>, 'loads' | 'open'>,
): Asked<AnyFigures> => ({
  loads,
  ...lookUp,
  open: (facts, { part, ...frame }) => {
    const id = part === undefined ? frame.id : `${rule.id}:${part}`;
    return newCheck(loads, { group: rule.group, ...frame, id, rule: rule.id, role: rule.role, facts });
  },
});
