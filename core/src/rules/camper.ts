import type { Check } from '../checks/check.ts';
import { givenLimit, judgeMost } from '../checks/judgeLoad.ts';
import { judgedAs } from '../checks/newCheck.ts';
import type { Mass } from '../loads/loads.ts';
import { message, verbatim, type Message } from '../messages/message.ts';
import { platedLimit, type Limit } from '../rig/plated.ts';
import { defineRule } from './rule.ts';

/** A slide-on camper against its maker's own figure, and against what the tray under it is rated for. */
export const camperMax = defineRule({
  id: 'camper.max',
  group: 'vehicle',
  by: 'vehicle',
  asks: ['camper', 'vehicle'],
  check({ loads, at, open }) {
    const { vehicle, camper } = loads.view;
    const facts = at('vehicle');
    if (!camper || !vehicle || !facts) return [];
    const laden = loads.laden(camper.id);
    const check = (name: Message, demand: Mass, limit: Limit, tray?: string): readonly Check[] => {
      if (demand.kind === 'absent' || limit.value === null) return [];
      const id = tray === undefined ? undefined : `camper.tray:${tray}`;
      const counts = [{ body: camper.id }, ...(tray === undefined ? [] : [{ body: vehicle.id, place: tray }])];
      const opened = open(facts, { id, counts, side: 'vehicle', quantity: 'camper', name });
      return [judgedAs(opened, judgeMost(loads, demand, limit), { figures: limit.figures })];
    };
    const called = { name: verbatim(camper.name) };
    const trays = vehicle.places.filter((place) => place.kind === 'tray' && place.rating);
    return [
      ...check(message('check.camper', called), laden, platedLimit(loads.view, 'camperMax', [camper])),
      ...trays.flatMap((tray) =>
        check(
          message('check.tray', { ...called, place: verbatim(tray.name) }),
          together(laden, loads.inPlace(vehicle.id, tray.id)),
          givenLimit(tray.rating?.value ?? null),
          tray.id,
        ),
      ),
    ];
  },
});

/** Both on one tray; their doubts are independent. */
function together(camper: Mass, beside: Mass): Mass {
  if (camper.kind !== 'known') return camper;
  if (beside.kind !== 'known') return beside;
  return { kind: 'known', value: camper.value + beside.value, sigma: Math.hypot(camper.sigma, beside.sigma) };
}
