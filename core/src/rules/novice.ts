import type { Check } from '../checks/check.ts';
import type { RigView } from '../loading/rigView.ts';
import { kilograms, message, type Message } from '../messages/message.ts';
import type { Trailer } from '../rig/body.ts';
import { registered } from '../rig/registered.ts';
import type { Licence } from '../situation/licence.ts';
import { driversOf, openFor, type Said } from './drivers.ts';
import { defineRule, type Figures } from './rule.ts';

const figures = {
  learnerMostKg: 'kg',
  p1MostKg: 'kg',
  p1UnladenMostKg: 'kg',
  learnerPlatedMostKg: 'kg',
  p1PlatedMostKg: 'kg',
  p2Free: 'flag',
} as const;

type Stage = NonNullable<Licence['novice']>;
type StageFigures = Partial<Figures<unknown, typeof figures>>;

/**
 * New drivers in some Australian states tow little or nothing; every state of the journey is asked, and the strictest answer stands.
 * Its facts say by stage what may be towed, by which mass; a stage they do not name is not known.
 */
export const novice = defineRule({
  id: 'people.novice',
  group: 'people',
  role: 'driver',
  by: 'road',
  asks: ['licence', 'novice', 'vehicle', 'trailer'],
  may: figures,
  check(asked) {
    const { view } = asked.loads;
    const { trailer } = view;
    return driversOf(view.situation).flatMap((driver) => {
      const stage = driver.licence.novice;
      if (!stage || !trailer) return [];
      const [strict] = asked
        .onTheWay()
        .map((facts) => ({ facts, what: noviceSaid(view, trailer, allowedAt[stage](facts.figures)) }))
        .sort((a, b) => strictest.indexOf(a.what.status) - strictest.indexOf(b.what.status));
      return strict ? [{ ...openFor(asked, strict.facts, driver, 'check.novice'), ...strict.what }] : [];
    });
  },
});

const strictest: readonly Check['status'][] = ['over', 'unknown', 'within'];

/** What somebody at a stage may tow, kg: by what it may weigh at most, by its empty mass, by its plate. */
interface Allowed {
  readonly free?: true | undefined;
  readonly most?: number | undefined;
  readonly unladen?: number | undefined;
  readonly plated?: number | undefined;
}

const allowedAt: Readonly<Record<Stage, (figures: StageFigures) => Allowed>> = {
  learner: ({ learnerMostKg, learnerPlatedMostKg }) => ({ most: learnerMostKg, plated: learnerPlatedMostKg }),
  p1: ({ p1MostKg, p1UnladenMostKg, p1PlatedMostKg }) => ({
    most: p1MostKg,
    unladen: p1UnladenMostKg,
    plated: p1PlatedMostKg,
  }),
  p2: ({ p2Free }) => ({ free: p2Free }),
};

function noviceSaid(view: RigView, trailer: Trailer, { free, most, unladen, plated }: Allowed): Said {
  const within: Said = { status: 'within', missing: [], notes: [] };
  if (free) return within;
  if (most === 0) return { ...within, status: 'over', notes: [message('licence.noTowing')] };
  const about = { body: trailer.id, bodyName: trailer.name };
  if (unladen !== undefined) {
    const empty = trailer.emptyMass?.total;
    if (empty === undefined) return { status: 'unknown', missing: [{ code: 'emptyMass', ...about }], notes: [] };
    const notes = [noviceNote('licence.noviceUnladen', empty, unladen)];
    return { status: empty <= unladen ? 'within' : 'over', missing: [], notes };
  }
  if (plated !== undefined) {
    const { least, most: mass, missing, among } = registered(view, 'trailerMax', trailer);
    if (among.length === 0 || (least <= plated && plated < mass)) return { status: 'unknown', missing, notes: [] };
    const notes = [noviceNote('licence.novicePlated', mass, plated)];
    return { status: mass <= plated ? 'within' : 'over', missing: [], notes };
  }
  return { status: 'unknown', missing: [], notes: [message('licence.noviceUnknown')] };
}

const noviceNote = (key: string, mass: number, most: number): Message =>
  message(key, { mass: kilograms(mass, 'nearest'), most: kilograms(most, 'nearest') });
