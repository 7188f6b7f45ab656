import type { Compiled } from '../loading/compile.ts';
import { kilograms, message, type Message } from '../messages/message.ts';
import { classNeeded, covers, heldClasses, type Licence, type LicensedMasses } from '../situation/licence.ts';
import { regionOf } from '../situation/situation.ts';
import type { Check } from './check.ts';
import { plated } from './context.ts';
import type { RuleFacts } from './facts.ts';
import { factsIn } from './layers.ts';

/** Whether the driver may: by plated masses, whatever the rig weighs today. Nothing is judged where nobody said. */
export function licenceChecks(compiled: Compiled): readonly Check[] {
  const { licence } = compiled.view.situation;
  const { vehicle, trailer } = compiled.view;
  if (!licence || !vehicle) return [];
  const facts = factsIn({ country: licence.issuer })['people.licence'];
  if (!facts) return [];
  const car = plated(compiled, 'vehicleMax', ['vehicle']);
  const towed = trailer ? plated(compiled, 'trailerMax', ['trailer']) : null;
  const missing = [...car.missing, ...(towed?.missing ?? [])];
  if (car.value === null || (towed && towed.value === null)) {
    return [classCheck(licence, facts, { status: 'unknown', missing, notes: [] }), ...noviceCheck(compiled, licence)];
  }
  const masses: LicensedMasses = { vehicle: car.value, trailer: towed?.value ?? null };
  const allowed = heldClasses(licence).some((one) => covers(licence, one, masses));
  const notes = allowed ? [] : help(licence, masses);
  const figures = [...car.figures, ...(towed?.figures ?? [])];
  return [
    { ...classCheck(licence, facts, { status: allowed ? 'within' : 'over', missing: [], notes }), figures },
    ...noviceCheck(compiled, licence),
  ];
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

type Said = Pick<Check, 'status' | 'missing' | 'notes'>;

const classCheck = (licence: Licence, facts: RuleFacts, said: Said): Check => ({
  ...yesNo('people.licence', licence, facts),
  name: message('check.licence'),
  ...said,
});

const yesNo = (
  rule: 'people.licence' | 'people.novice',
  licence: Licence,
  facts: RuleFacts,
): Omit<Check, 'name' | 'status' | 'missing' | 'notes'> => ({
  id: rule,
  rule,
  region: regionOf(licence.issuer),
  kind: facts.kind,
  group: 'people',
  quantity: 'licence',
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
 * New drivers in some Australian states tow little or nothing: New South Wales allows a first provisional driver a trailer
 * of 250 kg unladen, Victoria none (exceptions for work and supervision). Learners tow nothing in either.
 */
function noviceCheck({ view }: Compiled, licence: Licence): readonly Check[] {
  const { novice } = licence;
  const { travel } = view.situation;
  const facts = factsIn({ country: licence.issuer })['people.novice'];
  const { trailer } = view;
  if (!novice || !trailer || !facts || travel.country !== 'AU') return [];
  const check = (said: Said): readonly Check[] => [
    { ...yesNo('people.novice', licence, facts), name: message('check.novice'), ...said },
  ];
  const state = travel.state;
  if (novice === 'p2' && (state === 'NSW' || state === 'VIC'))
    return check({ status: 'within', missing: [], notes: [] });
  if (state === 'VIC' || (state === 'NSW' && novice === 'learner')) {
    return check({ status: 'over', missing: [], notes: [message('licence.noTowing')] });
  }
  if (state !== 'NSW') return check({ status: 'unknown', missing: [], notes: [message('licence.noviceUnknown')] });
  const empty = trailer.emptyMass?.total;
  if (empty === undefined) {
    const missing = [{ code: 'emptyMass', body: trailer.id, bodyName: trailer.name }] as const;
    return check({ status: 'unknown', missing, notes: [] });
  }
  const most = facts.figures?.['unladenTrailerKg'] ?? 0;
  const said = message('licence.noviceUnladen', {
    empty: kilograms(empty, 'nearest'),
    most: kilograms(most, 'nearest'),
  });
  return check({ status: empty <= most ? 'within' : 'over', missing: [], notes: [said] });
}
