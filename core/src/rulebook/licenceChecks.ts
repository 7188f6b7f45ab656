import type { Check } from '../checks/check.ts';
import type { RuleInForce } from '../checks/ruleFacts.ts';
import { factsIn } from '../jurisdictions/inForce.ts';
import { lawOf } from '../jurisdictions/laws.ts';
import {
  classNeeded,
  leansOnInherited,
  licenceCover,
  type Driven,
  type LicenceLaw,
  type LicensedMasses,
} from '../jurisdictions/licence.ts';
import type { RigView } from '../loading/rigView.ts';
import type { Loads } from '../loads/loads.ts';
import { kilograms, message, verbatim, type Message } from '../messages/message.ts';
import type { Trailer, Vehicle } from '../rig/body.ts';
import { platedLimit } from '../rig/plated.ts';
import type { Licence } from '../situation/licence.ts';
import { journeyOf, regionOf, type Situation } from '../situation/situation.ts';
import { plated } from './context.ts';

/** Somebody who takes the wheel; without a name the one who was asked first. */
interface AtTheWheel {
  readonly id: string | null;
  readonly name: string;
  readonly licence: Licence;
}

/**
 * Whether each named driver may: by plated masses, whatever the rig weighs today. Nothing is judged where nobody said. Where one of
 * them may, whoever may not breaks nothing by riding along: it is said, and not counted against the rig.
 */
export function licenceChecks(loads: Loads): readonly Check[] {
  const { licence, drivers = [] } = loads.view.situation;
  if (!loads.view.vehicle) return [];
  const all: readonly AtTheWheel[] = [
    ...(licence ? [{ id: null, name: '', licence }] : []),
    ...drivers.map((one) => ({ id: one.id, name: one.name, licence: one.licence })),
  ];
  const each = all.map((one) => [...classChecks(loads, one), ...noviceChecks(loads, one)]);
  const somebodyMay = each.some((own) => own.length > 0 && own.every(({ status }) => status === 'within'));
  return each
    .flat()
    .map((check) => (somebodyMay && check.status !== 'within' ? { ...check, kind: 'permit' as const } : check));
}

function classChecks(loads: Loads, driver: AtTheWheel): readonly Check[] {
  const { situation, vehicle, trailer } = loads.view;
  const { licence } = driver;
  const law = lawOf(licence.issuer).licences;
  const facts = factsIn({ country: licence.issuer }, situation.date)['people.licence'];
  if (!facts || !law || !vehicle) return [];
  const car = plated(loads, 'vehicleMax', ['vehicle']);
  const towed = trailer ? plated(loads, 'trailerMax', ['trailer']) : null;
  const missing = [...car.missing, ...(towed?.missing ?? [])];
  if (car.value === null || (towed && towed.value === null)) {
    return [classCheck(driver, facts, { status: 'unknown', missing, notes: [] })];
  }
  const masses = licensedMasses(vehicle, car.value, towed?.value ?? null);
  const figures = [...car.figures, ...(towed?.figures ?? [])];
  return [{ ...classCheck(driver, facts, said(law, licence, masses, drivenBy(situation, licence))), figures }];
}

/** What a licence is judged by. @param trailer its plated mass, kg; null: no trailer */
export const licensedMasses = (vehicle: Vehicle, plated: number, trailer: number | null): LicensedMasses => ({
  vehicle: plated,
  trailer,
  zeroEmission: vehicle.zeroEmission,
  axles: vehicle.geometry.tagAxle ? 3 : 2,
});

/** When and where: rules begin on days, and some hold only where the licence was issued. */
export const drivenBy = (situation: Situation, { issuer }: Licence): Driven => ({
  day: situation.date,
  abroad: journeyOf(situation).some(({ country }) => country !== issuer),
});

type Said = Pick<Check, 'status' | 'missing' | 'notes'>;

function said(law: LicenceLaw, licence: Licence, masses: LicensedMasses, driven: Driven): Said {
  const cover = licenceCover(law, licence, masses, driven);
  if (cover === 'yes') return { status: 'within', missing: [], notes: endNotes(law, licence, masses, driven) };
  const home = atHome(law, licence, masses, driven);
  const coming = comingNotes(law, licence, masses, driven);
  if (cover === 'check')
    return {
      status: 'unknown',
      missing: [],
      notes: [...(coming.length > 0 ? coming : [message('licence.mayCover')]), ...home],
    };
  return {
    status: 'over',
    missing: [],
    notes: [...help(law, licence, masses, driven), ...lapsed(law, licence, masses, driven), ...coming, ...home],
  };
}

/** What would make it right: a bigger class, or smaller figures on the plates. */
function help(law: LicenceLaw, licence: Licence, masses: LicensedMasses, driven: Driven): readonly Message[] {
  const needed = classNeeded(law, licence, masses, driven);
  const total = { vehicle: kilograms(masses.vehicle, 'nearest'), trailer: kilograms(masses.trailer ?? 0, 'nearest') };
  return [
    message(masses.trailer === null ? 'licence.asked' : 'licence.askedTowing', total),
    ...(needed ? [message('licence.wouldCover', { needed: message(`licence.class.${needed}`) })] : []),
    message('licence.downrate'),
  ];
}

/** Years before the end from which on it is said to somebody whose age is known. */
const endsSoon = 2;

/** What ends: an inherited class with age, to whoever leans on it and is near or of unknown age; a class of one's own by its date. */
function endNotes(law: LicenceLaw, licence: Licence, masses: LicensedMasses, driven: Driven): readonly Message[] {
  const { inherited, renewals = [] } = law;
  if (inherited && leansOnInherited(law, licence, masses, driven) && !isPrinted(law, licence, masses, driven)) {
    const near = licence.age === undefined || licence.age >= inherited.endsAt - endsSoon;
    return near ? [message('licence.endsAt', { age: inherited.endsAt })] : [];
  }
  return renewals.flatMap(({ classes, says }) => {
    const without = { ...licence, tested: undefined, classes: licence.classes.filter((one) => !classes.includes(one)) };
    return licenceCover(law, without, masses, driven) === 'yes' ? [] : [message(`licence.${says}`)];
  });
}

/** Whether what is printed covers it, without anything an old test brought along. */
const isPrinted = (law: LicenceLaw, licence: Licence, masses: LicensedMasses, driven: Driven): boolean =>
  licenceCover(law, { ...licence, tested: undefined }, masses, driven) === 'yes';

const lapsed = (law: LicenceLaw, licence: Licence, masses: LicensedMasses, driven: Driven): readonly Message[] =>
  law.inherited &&
  licence.age !== undefined &&
  licenceCover(law, { ...licence, age: undefined }, masses, driven) === 'yes'
    ? [message('licence.endsAt', { age: law.inherited.endsAt })]
    : [];

/** A right that holds only where the licence was issued, on a journey that leaves. */
const atHome = (law: LicenceLaw, licence: Licence, masses: LicensedMasses, driven: Driven): readonly Message[] =>
  driven.abroad &&
  licenceCover(law, licence, masses, { ...driven, abroad: false }) !== licenceCover(law, licence, masses, driven)
    ? [message('licence.onlyAtHome')]
    : [];

/** Law that is expected and would cover this: said of whoever plans past its day, and of whoever waits for it. */
function comingNotes(law: LicenceLaw, licence: Licence, masses: LicensedMasses, driven: Driven): readonly Message[] {
  const coming = law.rows.filter(({ expected }) => expected).map(({ from = '' }) => from);
  const then = coming.find((day) => licenceCover(law, licence, masses, { ...driven, day }) === 'check');
  const already = licenceCover({ ...law, rows: law.rows.filter(({ expected }) => !expected) }, licence, masses, driven);
  return then !== undefined && already === 'no' ? [message('licence.coming', { year: Number(then.slice(0, 4)) })] : [];
}

const classCheck = (driver: AtTheWheel, facts: RuleInForce, what: Said): Check => ({
  ...yesNo('people.licence', driver, facts),
  name: named('check.licence', driver),
  ...what,
});

const named = (key: string, { id, name }: AtTheWheel): Message =>
  id === null ? message(key) : message(`${key}Of`, { driver: verbatim(name) });

const yesNo = (
  rule: 'people.licence' | 'people.novice',
  { id, licence }: AtTheWheel,
  facts: RuleInForce,
): Omit<Check, 'name' | 'status' | 'missing' | 'notes'> => ({
  id: id === null ? rule : `${rule}:${id}`,
  rule,
  region: regionOf(licence.issuer),
  kind: facts.kind,
  group: 'people',
  quantity: 'answer',
  sense: 'max',
  required: false,
  source: facts,
  figures: [],
  demand: null,
  sigma: null,
  limit: null,
  margin: null,
  use: null,
});

/**
 * New drivers in some Australian states tow little or nothing; every state of the journey is asked, and the strictest answer stands.
 * Their facts say by stage what may be towed, by which mass; a stage they do not name is not known.
 */
function noviceChecks({ view }: Loads, driver: AtTheWheel): readonly Check[] {
  const { novice } = driver.licence;
  const { trailer, situation } = view;
  if (!novice || !trailer) return [];
  const asked = journeyOf(situation).flatMap((place) => {
    const facts = factsIn(place, situation.date)['people.novice'];
    return facts ? [{ facts, what: noviceSaid(view, novice, trailer, facts.figures ?? {}) }] : [];
  });
  const [first] = asked.sort((a, b) => strictest.indexOf(a.what.status) - strictest.indexOf(b.what.status));
  if (!first) return [];
  return [{ ...yesNo('people.novice', driver, first.facts), name: named('check.novice', driver), ...first.what }];
}

const strictest: readonly Check['status'][] = ['over', 'unknown', 'within'];

function noviceSaid(
  view: RigView,
  stage: NonNullable<Licence['novice']>,
  trailer: Trailer,
  figures: Readonly<Record<string, number>>,
): Said {
  const within: Said = { status: 'within', missing: [], notes: [] };
  if (figures[`${stage}Free`] !== undefined) return within;
  if (figures[`${stage}MostKg`] === 0) return { ...within, status: 'over', notes: [message('licence.noTowing')] };
  const unladen = figures[`${stage}UnladenMostKg`];
  const about = { body: trailer.id, bodyName: trailer.name };
  if (unladen !== undefined) {
    const empty = trailer.emptyMass?.total;
    if (empty === undefined) return { status: 'unknown', missing: [{ code: 'emptyMass', ...about }], notes: [] };
    const notes = [noviceNote('licence.noviceUnladen', empty, unladen)];
    return { status: empty <= unladen ? 'within' : 'over', missing: [], notes };
  }
  const most = figures[`${stage}PlatedMostKg`];
  const { value: mass } = platedLimit(view, 'trailerMax', [trailer]);
  if (most !== undefined && mass !== null) {
    const notes = [noviceNote('licence.novicePlated', mass, most)];
    return { status: mass <= most ? 'within' : 'over', missing: [], notes };
  }
  return { status: 'unknown', missing: [], notes: [message('licence.noviceUnknown')] };
}

const noviceNote = (key: string, mass: number, most: number): Message =>
  message(key, { mass: kilograms(mass, 'nearest'), most: kilograms(most, 'nearest') });
