import { asAged, holdsOn, isComing, type AsAged } from '../situation/dated.ts';
import { lawOf } from '../jurisdictions/laws.ts';
import type { Note } from '../jurisdictions/law.ts';
import { bears, type Answer } from '../jurisdictions/when.ts';
import type { Loads } from '../loads/loads.ts';
import { journeyOf, type Jurisdiction } from '../situation/situation.ts';

/** A piece of information of a place on the way or at home, and whether it bears on this rig. */
export interface Information {
  /** As it stands on the day asked for. */
  readonly facts: AsAged<Note>;
  readonly place: Jurisdiction;
  readonly bears: Answer;
  /** Not law yet on the day asked for: shown as coming. */
  readonly coming: boolean;
}

/**
 * What is said of the places this rig travels through or is registered in, and what is coming there; what does not bear on it is
 * there too.
 */
export function informationFor(loads: Loads): readonly Information[] {
  const { situation } = loads.view;
  const seen = new Set<Note>();
  const asked = [
    ...journeyOf(situation).map((place) => ['travel', place] as const),
    ['vehicle', situation.vehicle] as const,
  ];
  return asked.flatMap(([by, place]) =>
    lawOf(place.country).notes.flatMap((facts): readonly Information[] => {
      const coming = isComing(facts, situation.date);
      const due = coming || holdsOn(facts, situation.date);
      if (facts.by !== by || !due || !isThere(facts, place) || seen.has(facts)) return [];
      seen.add(facts);
      const { answer } = bears(loads, facts.when);
      return [{ facts: coming ? facts : asAged(facts, 'driving', situation.date), place, coming, bears: answer }];
    }),
  );
}

const harms = ['hurt', 'fine', 'know'] as const;

/** No more stand at once: what is read is worth more than what is listed. */
export const mostInformation = 7;

/** What bears on this rig, what can hurt somebody first, then what is fined; what may bear behind what does. */
export const worstFirst = (all: readonly Information[]): readonly Information[] =>
  all
    .filter(({ bears: answer }) => answer !== 'no')
    .map((one, at) => ({ one, at }))
    .sort((a, b) => rankOf(a.one) - rankOf(b.one) || a.at - b.at)
    .map(({ one }) => one);

const rankOf = ({ facts, bears: answer }: Information): number =>
  harms.indexOf(facts.harm ?? 'know') + (answer === 'yes' ? 0 : harms.length);

const isThere = ({ states, exceptStates = [] }: Note, { state }: Jurisdiction): boolean =>
  state === undefined ? !states : (!states || states.includes(state)) && !exceptStates.includes(state);
