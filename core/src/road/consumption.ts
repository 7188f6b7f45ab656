import { addDays, formatISO, parseISO } from 'date-fns';
import { placedBodies, type RigView } from '../loading/rigView.ts';
import type { TankKind } from '../rig/equipment.ts';
import { samePlace } from '../situation/situation.ts';
import type { Rates } from './rates.ts';
import type { Flow, RoadEvent, Consumable, StopChange, TankOf } from './roadEvent.ts';
import { keyOf, levelsOf, type Levels } from './tanks.ts';
import type { Section } from './trip.ts';
import { walked, type Walked } from './walk.ts';

/** An event of the load and the part of the trip it belongs to: a border is an event of its own drive. */
export type SectionEvent = RoadEvent & { readonly section: Section['id'] };

/** An event of a trip, with the rig before and after it. */
export interface TripStep extends Walked {
  readonly event: SectionEvent;
}

/** km of a drive: as said, else by its hours and the pace. null: nobody has said how far it is. */
export const kmOf = (drive: Extract<Section, { kind: 'drive' }>, { pace }: Pick<Rates, 'pace'>): number | null =>
  drive.km ?? (drive.hours === undefined ? null : drive.hours * pace);

/**
 * A trip as events of the load. What is used comes from all stores of its kind by what each holds then; waste water goes to the
 * grey tank of the same body, else to any, else onto the ground. A drive uses fuel of the vehicle, a night water, gas and food of
 * whatever stands there. Where a drive is in another country or state its rules count from its beginning; nights move the day on.
 */
export function stepsOf(start: RigView, sections: readonly Section[], rates: Rates): readonly TripStep[] {
  const steps: TripStep[] = [];
  let view = start;
  const go = (event: RoadEvent, section: Section) => {
    const step = walked(view, event, start);
    steps.push({ ...step, event: { ...event, section: section.id } });
    view = step.after;
  };
  for (const section of sections) {
    const { id } = section;
    if (section.kind === 'drive') {
      const { where } = section;
      if (where && !samePlace(where, view.situation.travel))
        go({ id: `${id}:border`, kind: 'stop', change: { where: { travel: where } } }, section);
      go({ id, kind: 'flow', flows: driving(view, kmOf(section, rates) ?? 0, rates) }, section);
    } else if (section.kind === 'nights') {
      const until = dayAfter(view.situation.date, section.nights);
      go({ id, kind: 'flow', flows: staying(view, section.nights, rates), until }, section);
    } else go({ id, kind: 'stop', change: changeOf(section) }, section);
  }
  return steps;
}

/** The day so many nights later, ISO 8601; undefined where the first is not known. */
const dayAfter = (day: string | undefined, nights: number): string | undefined =>
  day === undefined ? undefined : formatISO(addDays(parseISO(day), nights), { representation: 'date' });

/** What a stop changes. What is bought is a thing by the id of its section. */
function changeOf(section: Exclude<Section, { kind: 'drive' | 'nights' }>): StopChange {
  switch (section.kind) {
    case 'tank': {
      const { body, tank, fraction } = section;
      return { set: [{ body, tank, fraction }] };
    }
    case 'shop': {
      const { id, name, mass, plusMinus, food, body, place } = section;
      const doubt = plusMinus === undefined ? {} : { plusMinus };
      const thing = { id, name, mass, ...doubt, ...(food ? { food } : {}) };
      return { bring: [{ thing, placement: { thing: id, count: 1, body, place } }] };
    }
    case 'setDown':
      return { leave: [section.thing] };
    case 'join': {
      const { id, name, mass, plusMinus, seat, pet } = section;
      const doubt = plusMinus === undefined ? {} : { plusMinus };
      return { join: [{ id, name, mass, ...doubt, ...(seat ? { seat } : {}), ...(pet ? { pet } : {}) }] };
    }
    case 'part':
      return { part: [section.member] };
    case 'unhitch':
      return { trailer: 'left' };
    case 'hitch':
      return { trailer: 'fetched' };
    case 'weigh':
      return {};
  }
}

function driving(view: RigView, km: number, { fuelAlone, fuelTowing }: Rates): readonly Flow[] {
  const levels = levelsOf(view);
  return used(levels, tanksOf(view, 'fuel'), (km / 100) * (view.trailer ? fuelTowing : fuelAlone));
}

function staying(view: RigView, nights: number, { water, waste, gas, food }: Rates): readonly Flow[] {
  const levels = levelsOf(view);
  const people = view.loadout.crew.filter(({ pet }) => !pet).length;
  const grey = tanksOf(view, 'grey');
  const foods = [...levels.values()].flatMap(({ of }) => ('food' in of ? [of] : []));
  const poured = shared(levels, tanksOf(view, 'fresh'), nights * people * water);
  return [
    ...poured.flatMap(({ of, amount }): readonly Flow[] => [
      { from: of, to: grey.find(({ body }) => body === of.body) ?? grey[0] ?? null, amount: waste * amount },
      { from: of, to: null, amount: (1 - waste) * amount },
    ]),
    ...used(levels, tanksOf(view, 'gas'), nights * gas),
    // Who has eaten up what is aboard buys more: nothing is short of it.
    ...used(levels, foods, Math.min(nights * people * food, held(levels, foods))),
  ].filter(({ amount }) => amount > 0);
}

/** Tanks of a kind, the vehicle's first. */
const tanksOf = (view: RigView, kind: TankKind): readonly TankOf[] =>
  placedBodies(view).flatMap(({ body }) =>
    body.tanks.filter((tank) => tank.kind === kind).map((tank) => ({ body: body.id, tank: tank.id })),
  );

const held = (levels: Levels, stores: readonly Consumable[]): number =>
  stores.reduce((sum, of) => sum + (levels.get(keyOf(of))?.amount ?? 0), 0);

const used = (levels: Levels, stores: readonly Consumable[], amount: number): readonly Flow[] =>
  shared(levels, stores, amount).map((one): Flow => ({ from: one.of, to: null, amount: one.amount }));

/** So much from several stores, by what each holds; from the first where all are empty, so that what is short is told. */
function shared<Of extends Consumable>(levels: Levels, stores: readonly Of[], amount: number) {
  const all = held(levels, stores);
  return stores
    .map((of, at) => {
      const holds = levels.get(keyOf(of))?.amount ?? 0;
      return { of, amount: all > 0 ? (amount * holds) / all : at === 0 ? amount : 0 };
    })
    .filter((one) => one.amount > 0);
}
