import type { RigView } from '../loading/rigView.ts';
import { message, verbatim, type Message } from '../messages/message.ts';
import { platedLimit } from '../rig/plated.ts';
import { factsOf } from '../rulebook/lookUp.ts';
import { lawOf } from '../jurisdictions/laws.ts';
import { classNeeded, licenceCover, type Cover, type LicenceLaw, type LicensedMasses } from '../rules/licenceLaw.ts';
import { drivenBy, licenceRule, licensedMasses } from '../rules/licence.ts';
import type { Licence } from '../situation/licence.ts';
import { consequence, type Consequence } from './consequence.ts';

/** Whoever takes the wheel: the one asked for first, then the others by name. */
function driversOf({
  situation,
}: RigView): readonly { readonly id: string; readonly name: Message; readonly licence: Licence }[] {
  const { licence, drivers = [] } = situation;
  return [
    ...(licence ? [{ id: 'driver', name: message('uprate.theDriver'), licence }] : []),
    ...drivers.map(({ id, name, licence: own }) => ({ id, name: verbatim(name), licence: own })),
  ];
}

function massesOf(view: RigView): LicensedMasses | null {
  const { vehicle, trailer } = view;
  const car = platedLimit(view, 'vehicleMax', [vehicle]).value;
  const towed = trailer ? platedLimit(view, 'trailerMax', [trailer]).value : null;
  if (!vehicle || car === null || (trailer && towed === null)) return null;
  return licensedMasses(vehicle, car, towed);
}

const says = (law: LicenceLaw, licence: Licence, masses: LicensedMasses, cover: Cover): Message => {
  const needed = cover === 'no' ? classNeeded(law, licence, masses) : null;
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
  const [then, now] = [massesOf(before), massesOf(after)];
  if (!then || !now) return [];
  return driversOf(before).flatMap(({ id, name, licence }): readonly Consequence[] => {
    const facts = factsOf(licenceRule, { country: licence.issuer }, before.situation);
    const law = lawOf(licence.issuer).licences;
    if (!facts || !law) return [];
    const driven = drivenBy(before.situation, licence);
    const [was, is] = [licenceCover(law, licence, then, driven), licenceCover(law, licence, now, driven)];
    const change = changeOf(was, is);
    return [
      consequence({
        id: `licence.${id}`,
        topic: 'licence',
        change,
        about: name,
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
