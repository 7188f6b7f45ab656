import { givenLimit, judgeMost, type Judged } from '../checks/judgeLoad.ts';
import { judgedAs, timesOf } from '../checks/newCheck.ts';
import type { Loads } from '../loads/loads.ts';
import { referenceMass } from '../loads/referenceMass.ts';
import { message, percent, type Message } from '../messages/message.ts';
import { isFifthWheel, isMotorCaravan } from '../rig/body.ts';
import type { Missing } from '../rig/missing.ts';
import type { QuantityName } from '../statics/rigRows.ts';
import { defineRule } from './rule.ts';

/** The mass the trailer is compared with. */
interface Against {
  readonly name: Message;
  readonly value: number | null;
  readonly missing: readonly Missing[];
  /** Where it is itself a load that changes with what is packed. */
  readonly load?: QuantityName;
}

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

const nameOf = (id: string, times: number): Message =>
  message(`check.share.${id}`, {
    share: percent(times),
  });

/**
 * The trailer as a share of the vehicle: advice for a car and its trailer, 85 % with care, never more than as heavy as the
 * car, by kerb mass in Britain and by the loaded car in Australia.
 */
export const towRatio = defineRule({
  id: 'tow.ratio',
  group: 'combination',
  by: 'vehicle',
  asks: ['trailer', 'vehicle'],
  needs: { careful: 'share', most: 'share' },
  may: { ofLoaded: 'flag' },
  check({ loads, at, open }) {
    const facts = at('vehicle');
    const { vehicle, trailer } = loads.view;
    if (!facts || !vehicle || isFifthWheel(trailer) || isMotorCaravan(vehicle)) return [];
    const kerb = { name: message('step.reference.kerb'), ...referenceMass(loads, 'kerb') };
    const against = facts.figures.ofLoaded ? loadedAlone(loads) : kerb;
    return (['careful', 'most'] as const).map((figure) => {
      const times = facts.figures[figure];
      const name = nameOf('tow.ratio', times);
      const check = open(facts, { part: figure, side: 'vehicle', quantity: 'trailerTotal', name });
      return judgedAs(check, judgeShare(loads, times, against), timesOf(against.name, against.value, times));
    });
  },
});

/** France is said to know a share of the loaded vehicle in law; that is of low confidence. */
export const ownMass = defineRule({
  id: 'tow.ownMass',
  group: 'combination',
  by: 'vehicle',
  asks: ['trailer', 'vehicle'],
  needs: { share: 'share' },
  places: { FR: { kind: 'legal', confidence: 'low', source: 'frRoadCode', figures: { share: 1.3 } } },
  check({ loads, at, open }) {
    const facts = at('vehicle');
    if (!facts || isFifthWheel(loads.view.trailer)) return [];
    const { share } = facts.figures;
    const against = loadedAlone(loads);
    const check = open(facts, { side: 'vehicle', quantity: 'trailerTotal', name: nameOf('tow.ownMass', share) });
    return [judgedAs(check, judgeShare(loads, share, against), timesOf(against.name, against.value, share))];
  },
});

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
