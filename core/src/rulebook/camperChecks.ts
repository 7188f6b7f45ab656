import type { Check } from '../checks/check.ts';
import { givenLimit, judgeMost } from '../checks/judgeLoad.ts';
import { judgedAs, newCheck } from '../checks/newCheck.ts';
import type { Loads, Mass } from '../loads/loads.ts';
import { message, verbatim, type Message } from '../messages/message.ts';
import { platedLimit, type Limit } from '../rig/plated.ts';
import { factsFor } from './context.ts';

/** A slide-on camper against its maker's own figure, and against what the tray under it is rated for. */
export function camperChecks(loads: Loads): readonly Check[] {
  const { vehicle, camper } = loads.view;
  const facts = factsFor(loads, 'vehicle', 'camper.max');
  if (!camper || !vehicle || !facts) return [];
  const laden = loads.laden(camper.id);
  const check = (id: string, name: Message, demand: Mass, limit: Limit): readonly Check[] => {
    if (demand.kind === 'absent' || limit.value === null) return [];
    const frame = {
      rule: 'camper.max',
      id,
      facts,
      side: 'vehicle',
      group: 'vehicle',
      quantity: 'camper',
      name,
    } as const;
    return [judgedAs(newCheck(loads, frame), judgeMost(loads, demand, limit), { figures: limit.figures })];
  };
  const called = { name: verbatim(camper.name) };
  const trays = vehicle.places.filter((place) => place.kind === 'tray' && place.rating);
  return [
    ...check('camper.max', message('check.camper', called), laden, platedLimit(loads.view, 'camperMax', [camper])),
    ...trays.flatMap((tray) =>
      check(
        `camper.tray:${tray.id}`,
        message('check.tray', { ...called, place: verbatim(tray.name) }),
        together(laden, loads.inPlace(vehicle.id, tray.id)),
        givenLimit(tray.rating?.value ?? null),
      ),
    ),
  ];
}

/** Both on one tray; their doubts are independent. */
function together(camper: Mass, beside: Mass): Mass {
  if (camper.kind !== 'known') return camper;
  if (beside.kind !== 'known') return beside;
  return { kind: 'known', value: camper.value + beside.value, sigma: Math.hypot(camper.sigma, beside.sigma) };
}
