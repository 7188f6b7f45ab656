import { carriedPoints } from '../loads/carried.ts';
import type { PlannedOrWeighed } from '../loads/plannedOrWeighed.ts';
import { placedMass } from '../loading/placed.ts';
import { message, term, verbatim } from '../messages/message.ts';
import { forceLimits } from '../rig/limitNames.ts';
import type { PlatedFigure } from '../rig/plate.ts';
import type { Check, LimitPart, WorkedLimit } from '../checks/check.ts';
import { dValueSteps } from './explainParts.ts';
import { explainQuantity } from './explainQuantity.ts';
import { isState } from '../state/stateLoads.ts';
import { work, type Explanation, type Operand, type Step } from './explanation.ts';

/** The arithmetic behind one check: what leads to the load, what leads to the limit, and what is left. */
export function explainCheck(loads: PlannedOrWeighed, check: Check): Explanation {
  const demand = demandSteps(loads, check);
  const limit = limitSteps(check);
  const steps = [...demand.steps, ...limit.steps];
  if (demand.operand && limit.operand) {
    const pair = check.sense === 'max' ? [limit.operand, demand.operand] : [demand.operand, limit.operand];
    const name = message(check.sense === 'max' ? 'step.left' : 'step.above');
    steps.push(work('difference', pair, name, check.unit ?? 'kg'));
  }
  return { title: check.name, steps };
}

interface Part {
  readonly steps: readonly Step[];
  readonly operand: Operand | null;
}

function demandSteps(loads: PlannedOrWeighed, check: Check): Part {
  if (check.quantity === 'place') {
    const operands = check.place ? placeOperands(loads, check.place.body, check.place.place) : [];
    const step = work('sum', operands, check.name);
    return { steps: [step], operand: step.result };
  }
  if (check.quantity === 'dValue') {
    const steps = dValueSteps(loads);
    return { steps, operand: steps.at(-1)?.result ?? null };
  }
  if (check.quantity === 'counted') {
    if (check.demand === null) return { steps: [], operand: null };
    return { steps: [], operand: { name: check.name, value: check.demand, unit: check.unit ?? 'kg' } };
  }
  if (check.quantity === 'answer') return { steps: [], operand: null };
  if (check.quantity === 'plated') {
    const [figure] = check.figures;
    return { steps: [], operand: figure ? platedOperand(figure) : null };
  }
  if (check.quantity === 'camper') {
    const step = work('sum', camperOperands(loads, check), check.name);
    return { steps: [step], operand: step.result };
  }
  if (check.quantity === 'cargo') {
    const ball = loads.view.trailer ? explainQuantity(loads, 'ballLoadTowed') : [];
    const pressed = ball.at(-1)?.result;
    const step = work('sum', [...cargoOperands(loads), ...(pressed ? [pressed] : [])], check.name);
    return { steps: [...ball, step], operand: step.result };
  }
  const steps = explainQuantity(loads, check.quantity);
  return { steps, operand: steps.at(-1)?.result ?? null };
}

/** What a vehicle carries, piece by piece. */
function cargoOperands(loads: PlannedOrWeighed): readonly Operand[] {
  const listed = (loads.from !== 'slip' && loads.view.vehicle ? carriedPoints(loads, loads.view.vehicle.id) : [])
    .filter(({ mass }) => mass !== 0)
    .map(({ name, mass }): Operand => ({ name, value: mass, unit: 'kg' }));
  const beside = isState(loads) ? loads.beside('vehicle') : 0;
  if (beside === 0) return listed;
  return [...listed, { name: message('known.unlisted'), value: beside, unit: 'kg', origin: message('origin.weighed') }];
}

/** A camper with everything in it; and for a tray also what else stands on it. */
function camperOperands(loads: PlannedOrWeighed, check: Check): readonly Operand[] {
  const { camper } = loads.view;
  const own = (loads.from !== 'slip' ? loads.points : [])
    .filter((load) => load.body === camper?.id && load.mass !== 0)
    .map((load): Operand => ({ name: load.name, value: load.mass, unit: 'kg' }));
  const beside = (check.counts ?? []).flatMap(({ body, place }) =>
    place === undefined ? [] : placeOperands(loads, body, place),
  );
  return [...own, ...beside];
}

/** The things in one place, each with its mass. */
export function placeOperands(loads: PlannedOrWeighed, body: string, place: string): readonly Operand[] {
  const { placements } = loads.view.loadout;
  return placements
    .filter((one) => one.body === body && one.place === place)
    .flatMap((one): Operand[] => {
      const thing = loads.view.things.get(one.thing);
      if (!thing) return [];
      const name = message('load.several', { count: one.count, name: verbatim(thing.name) });
      return [{ name: one.count === 1 ? verbatim(thing.name) : name, value: placedMass(thing, one), unit: 'kg' }];
    });
}

const platedOperand = (figure: PlatedFigure): Operand => ({
  name: message('check.limit', { limit: term(figure.limit) }),
  value: figure.value,
  unit: forceLimits.includes(figure.limit) ? 'kN' : 'kg',
  origin: message('origin.plate', {
    source: message(`plateSource.${figure.source}`),
    typed: verbatim(figure.typed),
    date: figure.date ?? '',
  }),
});

function limitSteps(check: Check): Part {
  if (check.limit === null) return { steps: [], operand: null };
  if (check.worked) return workedLimit(check, check.worked);
  if (check.quantity === 'counted') {
    return { steps: [], operand: { name: message('step.ruleLimit'), value: check.limit, unit: check.unit ?? 'kg' } };
  }
  if (check.quantity === 'plated') {
    return { steps: [], operand: { name: message('step.ruleLimit'), value: check.limit, unit: 'kg' } };
  }
  const [only, ...more] = check.figures;
  if (only && more.length > 0) {
    const step = work('lowest', check.figures.map(platedOperand), message('step.lowestLimit'), check.unit ?? 'kg');
    return { steps: [step], operand: { ...step.result, origin: platedOperand(only).origin } };
  }
  if (only) return { steps: [], operand: platedOperand(only) };
  return { steps: [], operand: { name: check.name, value: check.limit, unit: 'kg' } };
}

const operandOf = ({ name, value, unit = 'kg' }: LimitPart): Operand => ({ name, value, unit });

/** So many times a mass, or a sum, and the lowest where others cap it. */
function workedLimit(check: Check, { op, of, atMost = [] }: WorkedLimit): Part {
  const made = work(op, of.map(operandOf), message('step.ruleLimit'));
  if (atMost.length === 0) return { steps: [made], operand: made.result };
  const lowest = work('lowest', [made.result, ...atMost.map(operandOf)], check.name);
  return { steps: [made, lowest], operand: lowest.result };
}
