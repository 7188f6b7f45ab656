import { addDays, addMonths, differenceInCalendarDays, formatISO, parseISO } from 'date-fns';
import type { Check } from '../checks/check.ts';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import { message, verbatim, type Message } from '../messages/message.ts';
import type { DueKind } from '../rig/due.ts';
import { caseProgress } from '../uprating/caseProgress.ts';
import type { UprateCase } from '../uprating/uprateCase.ts';
import { byDay } from '../scale/viewThen.ts';
import type { Ticket } from '../loading/ticket.ts';

/** Something that falls due. */
export interface DueDate {
  /** The same for the same thing, so that a calendar knows it again. */
  readonly id: string;
  readonly kind: 'weigh' | 'tyres' | 'step' | DueKind;
  /** Of which body, by its name; null: of the rig. */
  readonly of: string | null;
  /** ISO 8601; null: it is due, and no day is known. */
  readonly day: string | null;
  /** late: past, or due without a day. soon: within two months. */
  readonly state: 'late' | 'soon' | 'later';
  readonly what: Message;
  /** Where the day is from. */
  readonly why: Message;
  /** Only of what the owner noted himself: whose it is, to change it. */
  readonly own?: { readonly body: string; readonly id: string };
}

const soonDays = 60;
/** Advice of ours: what is on board creeps up. */
const weighEveryMonths = 12;
const daysInYear = 365.25;

/**
 * What falls due of a rig, the earliest first.
 * @param checks of its verdict: how old tyres are, and how old they should grow, is said there
 * @param today ISO 8601
 */
export function dueDates(
  view: RigView,
  checks: readonly Check[],
  tickets: readonly Ticket[],
  cases: readonly UprateCase[],
  today: string,
): readonly DueDate[] {
  const stateOf = (day: string | null): DueDate['state'] => {
    if (day === null) return 'late';
    const days = differenceInCalendarDays(parseISO(day), parseISO(today));
    return days < 0 ? 'late' : days <= soonDays ? 'soon' : 'later';
  };
  const all = [
    ...weighing(view, tickets),
    ...tyres(view, checks, today),
    ...caseSteps(view, cases, today),
    ...owned(view),
  ].map((one): DueDate => ({ ...one, state: stateOf(one.day) }));
  return all.sort((a, b) => (a.day ?? '').localeCompare(b.day ?? ''));
}

type Found = Omit<DueDate, 'state'>;

/** A year after the last slip, or on the day on which something was fitted since. */
function weighing({ rig, vehicle, trailer }: RigView, tickets: readonly Ticket[]): readonly Found[] {
  const what = message('paper.due.weigh');
  const found = (day: string | null, why: Message): readonly Found[] => [
    { id: `weigh-${rig.id}`, kind: 'weigh', of: null, day, what, why },
  ];
  const last = byDay(tickets).at(-1);
  if (!last) return found(null, message('paper.due.neverWeighed'));
  const { date } = last;
  if (date === undefined) return found(null, message('paper.due.slipUndated', { slip: verbatim(last.name) }));
  const since = [vehicle, trailer]
    .flatMap((body) => body?.fitted ?? [])
    .flatMap((part) =>
      part.date !== undefined && part.date > date && part.foundBy === undefined ? [{ ...part, date: part.date }] : [],
    )
    .sort((a, b) => a.date.localeCompare(b.date));
  const [first] = since;
  if (first) return found(first.date, message('paper.due.fittedSince', { part: verbatim(first.name) }));
  return found(
    isoDay(addMonths(parseISO(date), weighEveryMonths)),
    message('paper.due.yearSince', { slip: verbatim(last.name) }),
  );
}

/** The day on which tyres are as old as is advised at most. */
const tyres = ({ vehicle, trailer }: RigView, checks: readonly Check[], today: string): readonly Found[] =>
  checks.flatMap(({ id, role, group, demand, limit, name, source }): readonly Found[] => {
    if (role !== 'tyreAge' || demand === null || limit === null) return [];
    const body = group === 'trailer' ? trailer : vehicle;
    const day = isoDay(addDays(parseISO(today), Math.round((limit - demand) * daysInYear)));
    return [
      {
        id: `tyres-${body?.id ?? ''}-${id.replaceAll(/[^a-zA-Z]/g, '-')}`,
        kind: 'tyres',
        of: body?.name ?? null,
        day,
        what: name,
        why: message('paper.due.tyresGrow', { years: String(limit), from: message(`source.${source.source}`) }),
      },
    ];
  });

/** Steps of cases under way that have a day: the certificate, the insurer's answer, the inspection. */
const caseSteps = (view: RigView, cases: readonly UprateCase[], today: string): readonly Found[] =>
  cases
    .filter(({ applied }) => applied === undefined)
    .flatMap((one) =>
      caseProgress(view, one, today).items.flatMap(({ id, of, step, kept, state }): readonly Found[] =>
        state === 'done' || kept?.due === undefined
          ? []
          : [
              {
                id: `case-${one.id}-${id}`,
                kind: 'step',
                of: view[of]?.name ?? null,
                day: kept.due,
                what: message(`caseStep.${step}`),
                why: message('paper.due.ofCase', { name: verbatim(one.name) }),
              },
            ],
      ),
    );

/** What the owner noted himself. */
const owned = (view: RigView): readonly Found[] =>
  placedBodies(view).flatMap(({ body }) =>
    (body.dues ?? []).map(({ id, kind, name, day, everyMonths }) => ({
      id: `own-${body.id}-${id}`,
      kind,
      of: body.name,
      day,
      what: name === undefined ? message(`paper.due.kind.${kind}`) : verbatim(name),
      why:
        everyMonths === undefined
          ? message('paper.due.noted')
          : message('paper.due.notedEvery', { count: everyMonths }),
      own: { body: body.id, id },
    })),
  );

/** The day after so many months, once something was done: the same day of the month, or its last. ISO 8601. */
export const monthsAfter = (day: string, months: number): string => isoDay(addMonths(parseISO(day), months));

const isoDay = (date: Date): string => formatISO(date, { representation: 'date' });
