import { isBritish } from '../situation/countries.ts';
import { platedLimit } from '../rig/plated.ts';
import type { RigView } from '../loading/rigView.ts';
import type { Loads } from '../loads/loads.ts';
import { kilograms, message, type Message } from '../messages/message.ts';
import type { Trailer } from '../rig/body.ts';
import {
  c1EndsAt,
  classNeeded,
  heldClasses,
  licenceCover,
  type Licence,
  type LicensedMasses,
} from '../situation/licence.ts';
import { regionOf } from '../situation/situation.ts';
import type { Check } from '../checks/check.ts';
import { plated } from './context.ts';
import type { RuleInForce } from '../checks/ruleFacts.ts';
import { factsIn } from '../jurisdictions/inForce.ts';

/** Whether the driver may: by plated masses, whatever the rig weighs today. Nothing is judged where nobody said. */
export function licenceChecks(loads: Loads): readonly Check[] {
  const { licence } = loads.view.situation;
  const { vehicle, trailer } = loads.view;
  if (!licence || !vehicle) return [];
  const facts = factsIn({ country: licence.issuer }, loads.view.situation.date)['people.licence'];
  if (!facts) return [];
  const car = plated(loads, 'vehicleMax', ['vehicle']);
  const towed = trailer ? plated(loads, 'trailerMax', ['trailer']) : null;
  const missing = [...car.missing, ...(towed?.missing ?? [])];
  if (car.value === null || (towed && towed.value === null)) {
    return [classCheck(licence, facts, { status: 'unknown', missing, notes: [] }), ...noviceCheck(loads, licence)];
  }
  const masses = { vehicle: car.value, trailer: towed?.value ?? null, zeroEmission: vehicle.zeroEmission };
  const figures = [...car.figures, ...(towed?.figures ?? [])];
  return [{ ...classCheck(licence, facts, said(licence, masses)), figures }, ...noviceCheck(loads, licence)];
}

type Said = Pick<Check, 'status' | 'missing' | 'notes'>;

function said(licence: Licence, masses: LicensedMasses): Said {
  const cover = licenceCover(licence, masses);
  if (cover === 'yes') return { status: 'within', missing: [], notes: ageNotes(licence, masses) };
  if (cover === 'check') return { status: 'unknown', missing: [], notes: [message('licence.mayCover')] };
  return { status: 'over', missing: [], notes: [...help(licence, masses), ...lapsed(licence, masses)] };
}

/** What would make it right: a bigger class, or smaller figures on the plates. */
function help(licence: Licence, masses: LicensedMasses): readonly Message[] {
  const needed = classNeeded(licence, masses);
  const total = { vehicle: kilograms(masses.vehicle, 'nearest'), trailer: kilograms(masses.trailer ?? 0, 'nearest') };
  return [
    message(masses.trailer === null ? 'licence.asked' : 'licence.askedTowing', total),
    ...(needed ? [message('licence.wouldCover', { needed: message(`licence.class.${needed}`) })] : []),
    message('licence.downrate'),
  ];
}

const withoutC1 = (licence: Licence): Licence => ({
  ...licence,
  tested: undefined,
  classes: heldClasses(licence).filter((one) => one !== 'C1' && one !== 'C1E'),
});

/** British C1 ends at 70 unless renewed: said to whoever relies on it and is near, or of unknown age. */
function ageNotes(licence: Licence, masses: LicensedMasses): readonly Message[] {
  if (!isBritish(licence.issuer) || licenceCover(withoutC1(licence), masses) === 'yes') return [];
  if (licence.age !== undefined && licence.age < c1EndsAt - 2) return [];
  return [message('licence.endsAt', { age: c1EndsAt })];
}

const lapsed = (licence: Licence, masses: LicensedMasses): readonly Message[] =>
  licence.age !== undefined && licenceCover({ ...licence, age: undefined }, masses) === 'yes'
    ? [message('licence.endsAt', { age: c1EndsAt })]
    : [];

const classCheck = (licence: Licence, facts: RuleInForce, what: Said): Check => ({
  ...yesNo('people.licence', licence, facts),
  name: message('check.licence'),
  ...what,
});

const yesNo = (
  rule: 'people.licence' | 'people.novice',
  licence: Licence,
  facts: RuleInForce,
): Omit<Check, 'name' | 'status' | 'missing' | 'notes'> => ({
  id: rule,
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
 * New drivers in some Australian states tow little or nothing; the state travelled in decides. Its facts say by stage what
 * may be towed, by which mass; a stage they do not name is not known.
 */
function noviceCheck({ view }: Loads, licence: Licence): readonly Check[] {
  const { novice } = licence;
  const { travel } = view.situation;
  const facts = factsIn(travel, view.situation.date)['people.novice'];
  const { trailer } = view;
  if (!novice || !trailer || !facts) return [];
  const check = { ...yesNo('people.novice', licence, facts), name: message('check.novice') };
  return [{ ...check, ...noviceSaid(view, novice, trailer, facts.figures ?? {}) }];
}

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
