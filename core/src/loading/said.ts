import { message, verbatim } from '../messages/message.ts';
import type { Body } from '../rig/body.ts';
import type { SaidBall } from '../statics/rigRows.ts';
import { sideOf, type BodyLoads } from './emptyLoads.ts';
import { loadoutLoads } from './loadoutLoads.ts';
import type { RigView } from './rigView.ts';
import { saidOf } from './saidOf.ts';

/** What the list alone puts on a body: of its tanks those of which a level is named, whatever its empty figure has in the others. */
function listedLoads(view: RigView, body: Body): BodyLoads {
  const others = view.loadout.said?.filter((one) => one.body !== body.id) ?? [];
  return loadoutLoads({ ...view, loadout: { ...view.loadout, said: [...others, { body: body.id, total: 0 }] } }, body);
}

/** kg that the plan puts on a body: parts fitted, people, tanks and things; what is unknown of a tank counts nothing. */
export const listedOn = (view: RigView, body: Body): number =>
  listedLoads(view, body).loads.reduce((sum, { mass }) => sum + mass, 0);

/**
 * kg that the list of a trailer puts on its coupling, by the lever of where each thing lies; null where the length from coupling to axles or
 * the place of something is not known.
 */
export function listedOnBall(view: RigView, trailer: Body): number | null {
  const axles = trailer.kind === 'trailer' ? trailer.geometry.axlePosition : undefined;
  const { loads, massMissing } = loadoutLoads(view, trailer);
  if (axles === undefined || massMissing.length > 0) return null;
  let sum = 0;
  for (const { mass, x } of loads) {
    if (mass === 0) continue;
    if (x === null) return null;
    sum += mass * (1 - x / axles);
  }
  return sum;
}

/**
 * The body by what is said of all of it: the rest of that total beside what the plan lists, at no place that anybody knows.
 * null where no total is said.
 */
export function saidRest(view: RigView, body: Body): BodyLoads | null {
  const said = saidOf(view, body);
  if (said?.total === undefined) return null;
  const about = { body: body.id, bodyName: body.name };
  return {
    loads: [
      {
        side: sideOf(body),
        body: body.id,
        origin: 'said',
        id: 'said',
        name: message('load.said', { body: verbatim(body.name) }),
        mass: said.total - (said.listed ?? 0),
        sigma: (said.totalPlusMinus ?? 0) / 2,
        x: null,
        sigmaX: 0,
      },
    ],
    massMissing: [],
    placeMissing: [{ code: body.kind === 'trailer' ? 'ballLoad' : 'axleLoads', ...about }],
  };
}

/** kg of everything on a trailer beside its empty figure is nothing worth a kilogram: a brochure's ball load is today's. */
const nothingOnBoard = 1;

/**
 * What rests on the coupling where lengths are not asked: as it is said, or, of a trailer with nothing in it, as the brochure
 * has it. undefined: it follows from where everything lies.
 */
export function saidBall(view: RigView): SaidBall | undefined {
  const { trailer } = view;
  const said = saidOf(view, trailer);
  if (trailer && said?.ballLoad !== undefined) {
    const listed = said.ballListed === undefined ? null : listedOnBall(view, trailer);
    return listed === null || said.ballListed === undefined
      ? { fixed: said.ballLoad }
      : { fixed: said.ballLoad + listed - said.ballListed, moves: true };
  }
  if (said?.ballShare !== undefined) return { share: said.ballShare };
  if (!trailer || trailer.geometry.axlePosition !== undefined || said?.total !== undefined) return undefined;
  const { total, ballLoad, estimateBallLoad } = trailer.emptyMass ?? {};
  if (total === undefined || ballLoad === undefined || estimateBallLoad) return undefined;
  const onBoard = listedLoads(view, trailer);
  const bare = onBoard.massMissing.length === 0 && onBoard.loads.every(({ mass }) => Math.abs(mass) < nothingOnBoard);
  return bare ? { fixed: ballLoad } : undefined;
}
