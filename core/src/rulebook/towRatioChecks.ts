import type { Compiled, Value } from '../loading/compile.ts';
import { referenceMass } from '../loading/referenceMass.ts';
import { message, type Message } from '../messages/message.ts';
import { isFifthWheel, isMotorCaravan } from '../rig/body.ts';
import type { Missing } from '../rig/missing.ts';
import type { Check } from './check.ts';
import { factsFor, givenLimit, judgeMost, regionFor, type Judged } from './context.ts';
import type { RuleId } from './facts.ts';
import { lessTimes } from './lessTimes.ts';
import { judgedAs, newCheck, timesOf } from './newCheck.ts';

/** The mass the trailer is compared with. */
interface Against {
  readonly name: Message;
  readonly value: number | null;
  readonly missing: readonly Missing[];
  /** Where it is itself a load that changes with what is packed. */
  readonly load?: Value;
}

/**
 * The trailer as a share of the vehicle. Advice for a car and its trailer: 85 % with care, never more than as heavy as the
 * car, by kerb mass in Britain and by the loaded car in Australia. France is said to know a share of the loaded vehicle in
 * law; that is of low confidence.
 */
export const towRatioChecks = (compiled: Compiled): readonly Check[] => {
  const { vehicle, trailer } = compiled.view;
  if (!vehicle || !trailer || isFifthWheel(trailer)) return [];
  const loaded = loadedAlone(compiled);
  const kerb = { name: message('step.reference.kerb'), ...referenceMass(compiled, 'kerb') };
  const car = regionFor(compiled, 'vehicle') === 'au' ? loaded : kerb;
  const advised = isMotorCaravan(vehicle) ? [] : (['careful', 'most'] as const);
  return [
    ...advised.flatMap((figure) => share(compiled, 'tow.ratio', figure, car)),
    ...share(compiled, 'tow.ownMass', 'share', loaded),
  ];
};

/** The vehicle with everything aboard and nothing on its coupling. */
function loadedAlone({ values }: Compiled): Against {
  const load = values.vehicleSolo;
  return {
    name: message('step.reference.loaded'),
    value: load.kind === 'known' ? load.value : null,
    missing: load.kind === 'unknown' ? load.missing : [],
    load,
  };
}

function share(compiled: Compiled, rule: RuleId, figure: string, against: Against): readonly Check[] {
  const facts = factsFor(compiled, 'vehicle', rule);
  const times = facts?.figures?.[figure];
  if (!facts || times === undefined) return [];
  const check = newCheck(compiled, {
    rule,
    facts,
    id: rule === 'tow.ratio' ? `tow.ratio:${figure}` : rule,
    side: 'vehicle',
    group: 'combination',
    quantity: 'trailerTotal',
    name: message(`check.share.${rule}`, {
      share: { kind: 'amount', unit: 'percent', value: times * 100, rounding: 'nearest' },
    }),
  });
  return [judgedAs(check, judgeShare(compiled, times, against), timesOf(against.name, against.value, times))];
}

/** A limit that moves with the load of the vehicle: what is packed there makes room. */
function judgeShare(compiled: Compiled, times: number, against: Against): Judged {
  const towed = compiled.values.trailerTotal;
  const fixed = { ...givenLimit(against.value === null ? null : times * against.value), missing: against.missing };
  const plain = judgeMost(compiled, towed, fixed);
  if (towed.kind !== 'known' || against.load?.kind !== 'known') return plain;
  const over = lessTimes(compiled, towed, times, against.load);
  if (over.kind !== 'known') return plain;
  const judged = judgeMost(compiled, over, givenLimit(0));
  return { ...judged, demand: towed.value, limit: fixed.value };
}
