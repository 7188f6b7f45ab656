import type { RigView } from '../loading/rigView.ts';
import { message, verbatim, type Message } from '../messages/message.ts';
import { factsOf } from '../rulebook/lookUp.ts';
import { lawOf } from '../jurisdictions/laws.ts';
import {
  classNeeded,
  licenceCover,
  type Cover,
  type Driven,
  type LicenceLaw,
  type LicensedMasses,
} from '../rules/licenceLaw.ts';
import { drivenBy, licenceRule, licensedMasses } from '../rules/licence.ts';
import { driversOf } from '../rules/drivers.ts';
import type { Licence } from '../situation/licence.ts';
import { consequence, type Consequence } from './consequence.ts';

/** What a licence says of every mass that may be the registered one; `check` where they differ. null: no mass is stated. */
function coverOf(law: LicenceLaw, licence: Licence, all: readonly LicensedMasses[], driven: Driven): Cover | null {
  const [first, ...others] = all.map((masses) => licenceCover(law, licence, masses, driven));
  if (first === undefined) return null;
  return others.every((one) => one === first) ? first : 'check';
}

const says = (law: LicenceLaw, licence: Licence, all: readonly LicensedMasses[], cover: Cover): Message => {
  const masses = all.at(-1);
  const needed = cover === 'no' && masses ? classNeeded(law, licence, masses) : null;
  return needed
    ? message('uprate.licence.needs', { needed: message(`licence.class.${needed}`) })
    : message(`uprate.licence.${cover}`);
};

const changeOf = (was: Cover, is: Cover): Consequence['change'] => {
  if (is === 'check') return 'open';
  if (was === is) return 'same';
  return is === 'no' ? 'lost' : 'gained';
};

/** For every driver whose licence is stated: does it cover the rig by its plates before, and after? */
export function licencesThen(before: RigView, after: RigView): readonly Consequence[] {
  const [then, now] = [licensedMasses(before).all, licensedMasses(after).all];
  return driversOf(before.situation).flatMap(({ id, name, licence }): readonly Consequence[] => {
    const facts = factsOf(licenceRule, { country: licence.issuer }, before.situation);
    const law = lawOf(licence.issuer).licences;
    if (!facts || !law) return [];
    const driven = drivenBy(before.situation, licence);
    const [was, is] = [coverOf(law, licence, then, driven), coverOf(law, licence, now, driven)];
    if (was === null || is === null) return [];
    const change = changeOf(was, is);
    return [
      consequence({
        id: `licence.${id === '' ? 'driver' : id}`,
        topic: 'licence',
        change,
        about: id === '' ? message('uprate.theDriver') : verbatim(name),
        says: message('uprate.licence.of'),
        before: says(law, licence, then, was),
        after: says(law, licence, now, is),
        source: facts.source,
        confidence: was === 'check' || is === 'check' ? 'low' : facts.confidence,
        ask: licence.issuer,
      }),
    ];
  });
}
