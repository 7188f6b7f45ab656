import type { CheckKind } from '../checks/check.ts';
import type { Confidence } from '../situation/confidence.ts';
import { factsIn } from '../jurisdictions/inForce.ts';
import type { RoadSpeeds, SpeedLaw } from '../jurisdictions/law.ts';
import { lawOf } from '../jurisdictions/laws.ts';
import { whenMessages } from '../jurisdictions/whenMessages.ts';
import { kilograms, message, type Message } from '../messages/message.ts';
import { allRules } from '../rules/allRules.ts';
import { licenceRule } from '../rules/licence.ts';
import { licenceSays } from '../rules/licenceWords.ts';
import type { AnyRule } from '../rules/rule.ts';
import { holdsOn, isComing, type Dated } from '../situation/dated.ts';
import type { Jurisdiction } from '../situation/situation.ts';
import { factsOf } from './lookUp.ts';
import { ruleFigures } from './ruleFigures.ts';

export const lawSorts = ['rule', 'licence', 'speed', 'mark', 'note'] as const;
type LawSort = (typeof lawSorts)[number];

/** One thing that is law, or advice, of a place on a day, whatever the rig. */
export interface LawEntry {
  /** The same thing has the same id in every place and on every day. */
  readonly id: string;
  readonly sort: LawSort;
  readonly name: Message;
  /** What it says there, in parts: figures, speeds, whom it bears on. */
  readonly says: readonly Message[];
  /** What force a rule has; null for what is no rule. */
  readonly kind: CheckKind | null;
  readonly source: string;
  readonly edition?: string | undefined;
  readonly confidence: Confidence;
  /** Adopted or dated, and not law on the day: from when, as far as known. */
  readonly comingFrom: string | null;
}

/**
 * Everything known of a place on a day: rules, what licences issued there cover, speeds, marks, things to know. What is coming stands
 * with the day it is expected from.
 * @param day ISO 8601
 */
export const placeLaw = (place: Jurisdiction, day: string): readonly LawEntry[] => [
  ...rulesOf(place, day),
  ...licencesOf(place, day),
  ...speedsOf(place, day),
  ...thresholdLines(place, day),
  ...notesOf(place, day),
];

const dated = (fact: Dated, day: string): Pick<LawEntry, 'comingFrom'> | null => {
  if (holdsOn(fact, day)) return { comingFrom: null };
  return isComing(fact, day) && fact.from !== undefined ? { comingFrom: fact.from } : null;
};

const rulesOf = (place: Jurisdiction, day: string): readonly LawEntry[] => {
  const inForce = factsIn(place, day);
  return allRules.flatMap((rule: AnyRule): readonly LawEntry[] => {
    const facts = inForce[rule.id as keyof typeof inForce];
    if (!facts) return [];
    const { kind, source, edition, confidence } = facts;
    const name = message(`rule.${rule.id}`);
    const says = ruleFigures(rule, facts);
    return [{ id: rule.id, sort: 'rule', name, says, kind, source, edition, confidence, comingFrom: null }];
  });
};

const licencesOf = (place: Jurisdiction, day: string): readonly LawEntry[] => {
  const law = lawOf(place.country).licences;
  const facts = factsOf(licenceRule, place, { date: day });
  if (!law || !facts) return [];
  return law.rows.flatMap((row): readonly LawEntry[] => {
    const when = dated(row, day);
    if (!when) return [];
    const { kind, source, edition } = facts;
    const name = message(`licence.class.${row.holds}`);
    const says = licenceSays(row);
    const id = `licence.${row.holds}.${JSON.stringify(says)}`;
    return [{ id, sort: 'licence', name, says, kind, source, edition, confidence: row.confidence, ...when }];
  });
};

const speedsOf = (place: Jurisdiction, day: string): readonly LawEntry[] => {
  const law = lawOf(place.country).speeds;
  if (!law) return [];
  return law.rows.flatMap((row, at): readonly LawEntry[] => {
    const when = dated(row, day);
    if (!when || (row.state !== undefined && row.state !== place.state)) return [];
    const { as, source, confidence } = row;
    const before = law.rows.slice(0, at).filter((one) => one.as === as && one.state === row.state).length;
    const says = [speedLine(row, law), ...whenMessages(row.when)];
    const name = message(`law.speed.${as}`);
    return [{ id: `speed.${as}.${before}`, sort: 'speed', name, says, kind: null, source, confidence, ...when }];
  });
};

/** Speeds by kind of road, as people say them. */
export function speedLine({ rural, dual, motorway }: RoadSpeeds, { unit }: Pick<SpeedLaw, 'unit'>): Message {
  const figure = (value: number | null) => (value === null ? message('uprate.speed.notKnown') : value);
  return message('uprate.speed.line', {
    rural: figure(rural),
    dual: figure(dual),
    motorway: figure(motorway),
    unit: message(`uprate.speed.unit.${unit === 'mph' ? 'mph' : 'kmh'}`),
  });
}

const thresholdLines = ({ country, state }: Jurisdiction, day: string): readonly LawEntry[] =>
  lawOf(country).thresholds.flatMap((mark): readonly LawEntry[] => {
    const when = dated(mark, day);
    if (!when || (mark.state !== undefined && mark.state !== state)) return [];
    const { id, at, of, source, confidence } = mark;
    const name = message('law.mark', { of: message(`law.of.${of}`), at: kilograms(at, 'nearest') });
    const says = [message(`threshold.${id}`)];
    return [{ id: `mark.${id}`, sort: 'mark', name, says, kind: null, source, confidence, ...when }];
  });

const notesOf = ({ country, state }: Jurisdiction, day: string): readonly LawEntry[] =>
  lawOf(country).notes.flatMap((note): readonly LawEntry[] => {
    const when = dated(note, day);
    if (!when || (note.states && (!state || !note.states.includes(state)))) return [];
    if (state && note.exceptStates?.includes(state)) return [];
    const { id, source, confidence } = note;
    const name = message('law.note');
    return [
      { id: `note.${id}`, sort: 'note', name, says: [message(`info.${id}`)], kind: null, source, confidence, ...when },
    ];
  });

/** One thing that is otherwise in one place or on one day than in another; null where it is no subject there. */
export interface LawChange {
  readonly id: string;
  readonly sort: LawSort;
  readonly name: Message;
  readonly one: LawEntry | null;
  readonly other: LawEntry | null;
}

/** What a thing says, apart from where that is written: two countries may say the same in different books. */
const sense = ({ says, kind, comingFrom }: LawEntry): string => JSON.stringify([says, kind, comingFrom]);

/** What is otherwise in the second place or on the second day, what stays the same left out. */
export function lawChanges(one: readonly LawEntry[], other: readonly LawEntry[]): readonly LawChange[] {
  const [first, second] = [byId(one), byId(other)];
  return [...new Set([...first.keys(), ...second.keys()])].flatMap((id): readonly LawChange[] => {
    const [a, b] = [first.get(id) ?? null, second.get(id) ?? null];
    const entry = a ?? b;
    if (!entry || (a && b && sense(a) === sense(b))) return [];
    return [{ id, sort: entry.sort, name: entry.name, one: a, other: b }];
  });
}

const byId = (all: readonly LawEntry[]): ReadonlyMap<string, LawEntry> =>
  new Map(all.map((entry) => [entry.id, entry]));
