import type { Check } from '../checks/check.ts';
import { kilograms, message, type Message } from '../messages/message.ts';
import type { RigView } from '../loading/rigView.ts';
import type { Missing } from '../rig/missing.ts';
import type { PlatedFigure } from '../rig/plate.ts';
import { isMotorCaravan } from '../rig/body.ts';
import { registered } from '../rig/registered.ts';
import type { Licence } from '../situation/licence.ts';
import { journeyOf, type Situation } from '../situation/situation.ts';
import { driversOf, openFor, type Said } from './drivers.ts';
import {
  classNeeded,
  leansOnInherited,
  licenceCover,
  type Driven,
  type LicenceLaw,
  type LicensedMasses,
} from './licenceLaw.ts';
import { licenceAccount } from './licenceWords.ts';
import { defineRule } from './rule.ts';

/** Whether each named driver's licence covers it: by plated masses, whatever the rig weighs today. Nothing is judged where nobody said. */
export const licenceRule = defineRule({
  id: 'people.licence',
  group: 'people',
  role: 'driver',
  by: 'issuer',
  asks: ['licence', 'vehicle'],
  check(asked) {
    const { situation, vehicle } = asked.loads.view;
    if (!vehicle) return [];
    const { all, missing, figures } = licensedMasses(asked.loads.view);
    return driversOf(situation).flatMap((driver): readonly Check[] => {
      const { licence } = driver;
      const law = asked.licencesOf(licence.issuer);
      const facts = asked.issuedIn(licence.issuer);
      if (!facts || !law) return [];
      const check = openFor(asked, facts, driver, 'check.licence');
      const answers = all.map((masses) => said(law, licence, masses, drivenBy(situation, licence)));
      const [first] = answers;
      const agreed = answers.every(({ status }) => status === first?.status);
      return [first && agreed ? { ...check, ...first, figures } : { ...check, figures, missing }];
    });
  },
});

/**
 * What licences are judged by: the registered masses. Where several figures may be the registered one, each of them, and what would
 * settle it; none where a mass is not stated at all.
 */
export function licensedMasses({ rig, vehicle, trailer }: RigView): {
  readonly all: readonly LicensedMasses[];
  readonly missing: readonly Missing[];
  readonly figures: readonly PlatedFigure[];
} {
  if (!vehicle) return { all: [], missing: [], figures: [] };
  const car = registered({ rig }, 'vehicleMax', vehicle);
  const towed = trailer ? registered({ rig }, 'trailerMax', trailer) : null;
  const own = {
    zeroEmission: vehicle.zeroEmission,
    motorCaravan: isMotorCaravan(vehicle),
    axles: vehicle.geometry.tagAxle ? 3 : 2,
  };
  const trailers: readonly (number | null)[] = towed ? towed.among : [null];
  return {
    all: car.among.flatMap((mass) => trailers.map((behind) => ({ vehicle: mass, trailer: behind, ...own }))),
    missing: [...car.missing, ...(towed?.missing ?? [])],
    figures: [...car.figures, ...(towed?.figures ?? [])],
  };
}

/** When and where: rules begin on days, and some hold only where the licence was issued. */
export const drivenBy = (situation: Situation, { issuer }: Licence): Driven => ({
  day: situation.date,
  abroad: journeyOf(situation).some(({ country }) => country !== issuer),
});

function said(law: LicenceLaw, licence: Licence, masses: LicensedMasses, driven: Driven): Said {
  const cover = licenceCover(law, licence, masses, driven);
  // Of what covers it, that alone is told; of what does not, or may, every class that was looked at.
  const account = licenceAccount(law, licence, masses, driven);
  if (cover === 'yes') {
    const covering = account.filter(({ key }) => key === 'licence.account.covers').slice(0, 1);
    return { status: 'within', missing: [], notes: [...endNotes(law, licence, masses, driven), ...covering] };
  }
  const home = atHome(law, licence, masses, driven);
  const coming = comingNotes(law, licence, masses, driven);
  if (cover === 'check')
    return {
      status: 'unknown',
      missing: [],
      notes: [...(coming.length > 0 ? coming : [message('licence.mayCover')]), ...home, ...account],
    };
  return {
    status: 'over',
    missing: [],
    notes: [
      ...help(law, licence, masses, driven),
      ...lapsed(law, licence, masses, driven),
      ...coming,
      ...home,
      ...account,
    ],
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
