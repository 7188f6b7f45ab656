import type { Compiled } from '../loading/compile.ts';
import { message, verbatim, type Message } from '../messages/message.ts';
import type { Check } from './check.ts';
import { factsFor, regionFor } from './context.ts';
import { judge } from './judge.ts';
import { platedLimit } from '../rig/plated.ts';
import { placeContents } from './placeChecks.ts';

/** A slide-on camper against its maker's own figure, and against what the tray under it is rated for. */
export function camperChecks(compiled: Compiled): readonly Check[] {
  const { vehicle, camper } = compiled.view;
  if (!camper || !vehicle) return [];
  const loads = compiled.loads.filter((load) => load.body === camper.id);
  const known = compiled.massMissing.vehicle.every((one) => one.body !== camper.id);
  const mass = loads.reduce((sum, load) => sum + load.mass, 0);
  const sigma = Math.sqrt(loads.reduce((sum, load) => sum + load.sigma ** 2, 0));
  const own = platedLimit(compiled.view, 'camperMax', [camper]);
  const missing = compiled.massMissing.vehicle.filter((one) => one.body === camper.id);
  const check = (id: string, name: Message, demand: number, limit: number, figures: Check['figures']) => {
    const facts = factsFor(compiled, 'vehicle', 'camper.max');
    if (!facts) return [];
    const margin = known ? limit - demand : null;
    const status = margin === null ? 'unknown' : judge(margin, sigma, compiled.view.situation.reserve ?? 0);
    return [
      {
        id,
        rule: 'camper.max',
        region: regionFor(compiled, 'vehicle'),
        kind: facts.kind,
        group: 'vehicle',
        quantity: 'camper',
        name,
        sense: 'max',
        required: false,
        source: facts,
        figures,
        notes: [],
        demand: known ? demand : null,
        sigma: known ? sigma : null,
        limit,
        margin,
        status,
        missing,
        use: null,
      } satisfies Check,
    ];
  };
  const contents = placeContents(compiled.view);
  const trays = vehicle.places.filter((place) => place.kind === 'tray' && place.rating);
  return [
    ...(own.value === null
      ? []
      : check('camper.max', message('check.camper', { name: verbatim(camper.name) }), mass, own.value, own.figures)),
    ...trays.flatMap((tray) =>
      check(
        `camper.tray:${tray.id}`,
        message('check.tray', { name: verbatim(camper.name), place: verbatim(tray.name) }),
        mass + (contents.get(`${vehicle.id}/${tray.id}`)?.mass ?? 0),
        tray.rating?.value ?? 0,
        [],
      ),
    ),
  ];
}
