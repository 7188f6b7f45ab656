import { judgeMost } from '../checks/judgeLoad.ts';
import { judgedAs } from '../checks/newCheck.ts';
import type { Loads, Value } from '../loads/loads.ts';
import { message, term } from '../messages/message.ts';
import { platedLimit } from '../rig/plated.ts';
import { combineRows, everything, nothing, type Row } from '../statics/row.ts';
import { defineRule } from './rule.ts';

const anythingOnIt: Row = { vehicle: everything, trailer: nothing };

/**
 * "Occupants and cargo at most …", as the sticker at a door or a handbook says it of a vehicle: people, things, liquids beside
 * its fuel and parts fitted since, and what a trailer rests on the coupling. Asked only where such a figure is stated.
 */
export const cargo = defineRule({
  id: 'vehicle.cargo',
  group: 'vehicle',
  by: 'vehicle',
  asks: ['vehicle'],
  check({ loads, at, open }) {
    const { vehicle, trailer } = loads.view;
    const facts = at('vehicle');
    const limit = platedLimit(loads.view, 'payloadStated', [vehicle]);
    if (!vehicle || !facts || (limit.value === null && limit.doubtful.length === 0)) return [];
    const carried = loads.carried(vehicle.id);
    if (carried.kind === 'absent') return [];
    const name = message('check.limit', { limit: term('cargoStated') });
    const check = open(facts, { side: 'vehicle', quantity: 'cargo', name });
    const demand = together(carried, trailer ? loads.values.ballLoadTowed : { kind: 'absent' });
    return [judgedAs(check, judgeMost(loads, demand, limit), { figures: limit.figures })];
  },
});

function together(carried: ReturnType<Loads['carried']>, ball: Value): Value {
  if (carried.kind !== 'known') return carried;
  if (ball.kind === 'unknown') return ball;
  const row = ball.kind === 'known' ? combineRows(anythingOnIt, 1, ball.row) : anythingOnIt;
  const [more, doubt] = ball.kind === 'known' ? [ball.value, ball.sigma] : [0, 0];
  const typical = ball.kind === 'known' && ball.typical ? { typical: ball.typical } : {};
  return { kind: 'known', value: carried.value + more, sigma: Math.hypot(carried.sigma, doubt), row, ...typical };
}
