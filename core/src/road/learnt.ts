import type { RigView } from '../loading/rigView.ts';
import { placedBodies } from '../loading/rigView.ts';
import type { TankKind } from '../rig/equipment.ts';
import { kmOf } from './consumption.ts';
import { asItWent } from './log.ts';
import { ratesAt, ratesOf } from './rates.ts';
import type { LogEntry, RateName, Section, Trip } from './trip.ts';

/** A rate as the log of trips shows it. */
export interface Learnt {
  readonly name: RateName;
  readonly value: number;
  /** Two standard deviations, from how far the fillings disagree; of one filling alone that of the usual rate. */
  readonly plusMinus: number;
  /** How many stretches from full to full it was learnt from. */
  readonly from: number;
}

/** Something used between two fillings to the brim: so much for so many units of its rate. */
interface Stretch {
  readonly name: RateName;
  readonly amount: number;
  readonly units: number;
}

/**
 * What a rig really uses, learnt from the log: what was filled in to bring a tank back to full was used since it was full last. Fuel by
 * the odometer where both fillings say it, else by the drives between; stretches driven partly with and partly without the trailer tell
 * nothing of either. Water by people and nights, gas by nights. Where a rig has several tanks of a kind, one of them filled tells
 * nothing of what went out of the others.
 */
export function learntFrom(view: RigView, trips: readonly Trip[]): readonly Learnt[] {
  const stretches = trips.flatMap((trip) => stretchesOf(view, trip));
  const usual = ratesOf(view, {});
  return (['fuelAlone', 'fuelTowing', 'water', 'gas'] as const).flatMap((name): readonly Learnt[] => {
    const own = stretches.filter((one) => one.name === name);
    const units = own.reduce((sum, one) => sum + one.units, 0);
    if (units <= 0) return [];
    const value = own.reduce((sum, one) => sum + one.amount, 0) / units;
    const plusMinus = own.length < 2 ? usual[name].plusMinus : 2 * errorOf(own, value, units);
    return [{ name, value, plusMinus, from: own.length }];
  });
}

/** Standard error of a mean of ratios weighted by their units, from their scatter. */
function errorOf(stretches: readonly Stretch[], mean: number, units: number): number {
  const scatter = stretches.reduce((sum, one) => sum + one.units * (one.amount / one.units - mean) ** 2, 0);
  return Math.sqrt(scatter / ((stretches.length - 1) * units));
}

/** What happened since a tank was full. */
interface Since {
  readonly odometer: number | undefined;
  alone: number;
  towing: number;
  nights: number;
  personNights: number;
  /** A drive without a length, or a filling without a figure: it tells nothing by its drives. */
  broken: boolean;
}

function stretchesOf(view: RigView, trip: Trip): readonly Stretch[] {
  const kinds = onlyTanks(view);
  const { pace } = ratesAt(ratesOf(view, trip));
  const entries = new Map((trip.log ?? []).map((entry) => [entry.did.id, entry]));
  const since = new Map<string, Since>();
  const found: Stretch[] = [];
  let towing = view.trailer !== undefined;
  let people = view.loadout.crew.filter(({ pet }) => !pet).length;
  for (const { section, stands } of asItWent(trip)) {
    if (stands === 'ahead') break;
    if (section.kind === 'unhitch') towing = false;
    else if (section.kind === 'hitch') towing = view.trailer !== undefined;
    else if (section.kind === 'join' && !section.pet) people += 1;
    else if (section.kind === 'part' && isPerson(view, trip, section.member)) people -= 1;
    else if (section.kind === 'tank') {
      const key = `${section.body}/${section.tank}`;
      const [kind, entry] = [kinds.get(key), entries.get(section.id)];
      if (kind) found.push(...filled(kind, since.get(key), section, entry));
      const started = section.fraction >= 1 ? anew(entry) : since.get(key);
      if (started && section.fraction < 1) started.broken = true;
      if (started) since.set(key, started);
    } else for (const one of since.values()) pass(one, section, { towing, people, pace });
  }
  return found;
}

/** The kind of each tank that is the only one of its kind. */
function onlyTanks(view: RigView): ReadonlyMap<string, TankKind> {
  const all = placedBodies(view).flatMap(({ body }) =>
    body.tanks.map(({ id, kind }) => ({ key: `${body.id}/${id}`, kind })),
  );
  const alone = all.filter((one) => all.filter(({ kind }) => kind === one.kind).length === 1);
  return new Map(alone.map(({ key, kind }) => [key, kind]));
}

const isPerson = (view: RigView, { plan = [], log = [] }: Trip, member: string): boolean => {
  const own = view.loadout.crew.find(({ id }) => id === member);
  const joined = [...plan, ...log.map(({ did }) => did)].find(({ id }) => id === member);
  return own ? !own.pet : joined?.kind === 'join' && !joined.pet;
};

const anew = (entry: LogEntry | undefined): Since => ({
  odometer: entry?.odometer,
  alone: 0,
  towing: 0,
  nights: 0,
  personNights: 0,
  broken: false,
});

function pass(
  since: Since,
  section: Section,
  with_: { readonly towing: boolean; readonly people: number; readonly pace: number },
) {
  if (section.kind === 'drive') {
    const km = kmOf(section, with_);
    if (km === null) since.broken = true;
    else if (with_.towing) since.towing += km;
    else since.alone += km;
  } else if (section.kind === 'nights') {
    since.nights += section.nights;
    since.personNights += section.nights * with_.people;
  }
}

/** Shares of a stretch below which it counts as driven all the one way. */
const asGoodAsAll = 0.05;

function filled(
  kind: TankKind,
  since: Since | undefined,
  { fraction }: Extract<Section, { kind: 'tank' }>,
  entry: LogEntry | undefined,
): readonly Stretch[] {
  const amount = entry?.added;
  if (!since || fraction < 1 || amount === undefined || amount <= 0) return [];
  if (kind === 'fresh') return since.broken ? [] : unless(since.personNights, { name: 'water', amount });
  if (kind === 'gas') return since.broken ? [] : unless(since.nights, { name: 'gas', amount });
  if (kind !== 'fuel') return [];
  const read =
    since.odometer !== undefined && entry?.odometer !== undefined ? entry.odometer - since.odometer : undefined;
  const driven = since.alone + since.towing;
  if (read === undefined && since.broken) return [];
  const km = read ?? driven;
  const towed = driven > 0 ? since.towing / driven : NaN;
  if (towed <= asGoodAsAll) return unless(km / 100, { name: 'fuelAlone', amount });
  return towed >= 1 - asGoodAsAll ? unless(km / 100, { name: 'fuelTowing', amount }) : [];
}

const unless = (units: number, stretch: Omit<Stretch, 'units'>): readonly Stretch[] =>
  units > 0 ? [{ ...stretch, units }] : [];
