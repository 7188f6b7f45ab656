import type { Loads } from '../loads/loads.ts';
import { referenceMass } from '../loads/referenceMass.ts';
import { message, type Message } from '../messages/message.ts';
import { isFifthWheel, isMotorCaravan } from '../rig/body.ts';
import type { Missing } from '../rig/missing.ts';
import type { QuantityName } from '../statics/rigRows.ts';
import type { Check } from '../checks/check.ts';
import { givenLimit, judgeMost, type Judged } from '../checks/judgeLoad.ts';
import { factsFor, regionFor } from './context.ts';
import type { RuleId } from '../checks/ruleFacts.ts';
import { judgedAs, newCheck, timesOf } from '../checks/newCheck.ts';

/** The mass the trailer is compared with. */
interface Against {
  readonly name: Message;
  readonly value: number | null;
  readonly missing: readonly Missing[];
  /** Where it is itself a load that changes with what is packed. */
  readonly load?: QuantityName;
}

/**
 * The trailer as a share of the vehicle. Advice for a car and its trailer: 85 % with care, never more than as heavy as the
 * car, by kerb mass in Britain and by the loaded car in Australia. France is said to know a share of the loaded vehicle in
 * law; that is of low confidence.
 */
export const towRatioChecks = (loads: Loads): readonly Check[] => {
  const { vehicle, trailer } = loads.view;
  if (!vehicle || !trailer || isFifthWheel(trailer)) return [];
  const loaded = loadedAlone(loads);
  const kerb = { name: message('step.reference.kerb'), ...referenceMass(loads, 'kerb') };
  const car = regionFor(loads, 'vehicle') === 'au' ? loaded : kerb;
  const advised = isMotorCaravan(vehicle) ? [] : (['careful', 'most'] as const);
  return [
    ...advised.flatMap((figure) => share(loads, 'tow.ratio', figure, car)),
    ...share(loads, 'tow.ownMass', 'share', loaded),
  ];
};

/** The vehicle with everything aboard and nothing on its coupling. */
function loadedAlone({ values }: Loads): Against {
  const load = values.vehicleSolo;
  return {
    name: message('step.reference.loaded'),
    value: load.kind === 'known' ? load.value : null,
    missing: load.kind === 'unknown' ? load.missing : [],
    load: 'vehicleSolo',
  };
}

function share(loads: Loads, rule: RuleId, figure: string, against: Against): readonly Check[] {
  const facts = factsFor(loads, 'vehicle', rule);
  const times = facts?.figures?.[figure];
  if (!facts || times === undefined) return [];
  const check = newCheck(loads, {
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
  return [judgedAs(check, judgeShare(loads, times, against), timesOf(against.name, against.value, times))];
}

/** A limit that moves with the load of the vehicle: what is packed there makes room. */
function judgeShare(loads: Loads, times: number, against: Against): Judged {
  const towed = loads.values.trailerTotal;
  const fixed = { ...givenLimit(against.value === null ? null : times * against.value), missing: against.missing };
  const plain = judgeMost(loads, towed, fixed);
  if (towed.kind !== 'known' || against.load === undefined) return plain;
  const over = loads.lessTimes('trailerTotal', times, against.load);
  if (over.kind !== 'known') return plain;
  const judged = judgeMost(loads, over, givenLimit(0));
  return { ...judged, demand: towed.value, limit: fixed.value };
}
