import type { Workspace } from '../document/workspace.ts';
import { formOf } from '../plates/forms.ts';
import type { Body } from '../rig/body.ts';
import type { LimitName, PlateSource } from '../rig/limitNames.ts';
import { addPart, setFigure } from './bodyEdits.ts';
import type { NewRigTools } from './newBodies.ts';

/** A figure as somebody has it, in inner units, and as it was typed. */
export interface KnownFigure {
  readonly value: number;
  readonly typed: string;
}

/** Limits of a vehicle and of a trailer that people have at hand, by the paper they are read from. */
export const knownLimits = {
  vehicle: {
    vehicleMax: 'vehiclePlate',
    frontAxleMax: 'vehiclePlate',
    rearAxleMax: 'vehiclePlate',
    combinationMax: 'vehiclePlate',
    towBraked: 'handbook',
    ballMax: 'towBar',
    payloadStated: 'doorSticker',
  },
  trailer: { trailerMax: 'caravanPlate', trailerAxlesMax: 'caravanPlate', ballMax: 'couplingHead' },
} as const satisfies Readonly<Record<'vehicle' | 'trailer', Readonly<Partial<Record<LimitName, PlateSource>>>>>;

const paperOf = (body: Body, limit: LimitName): PlateSource | undefined =>
  body.kind === 'camper'
    ? undefined
    : (knownLimits[body.kind] as Readonly<Partial<Record<LimitName, PlateSource>>>)[limit];

/**
 * The figure of a limit as its first plate has it, without conditions; undefined: no plate has one.
 * @param source of plates of this kind alone: what one part bears is not what another does
 */
export const knownLimit = ({ plates }: Body, limit: LimitName, source?: PlateSource) =>
  plates
    .filter((plate) => source === undefined || plate.source === source)
    .flatMap(({ figures }) => figures)
    .find((one) => one.limit === limit && one.conditions === undefined);

/**
 * Says a limit of a body where one does not ask on which plate it stands: changed where it stands already, else written onto
 * a plate of the body that has a field for it, else onto a plate of its own.
 * @param figure null: nobody knows it any more, and every plate loses it
 * @param source it stands on a plate of this kind and on no other
 */
export function setKnownLimit(
  workspace: Workspace,
  bodyId: string,
  limit: LimitName,
  figure: KnownFigure | null,
  tools: Pick<NewRigTools, 'newId'>,
  source?: PlateSource,
): Workspace {
  const body = workspace.bodies.find(({ id }) => id === bodyId);
  if (!body) return workspace;
  const plates = body.plates.filter((plate) => source === undefined || plate.source === source);
  const has = plates.filter(({ figures }) => figures.some((one) => one.limit === limit));
  if (!figure) return has.reduce((next, { id }) => setFigure(next, bodyId, id, { limit }, null), workspace);
  const field = (plate: Body['plates'][number]) => formOf(plate)?.fields.find((one) => one.limit === limit);
  const paper = source ?? paperOf(body, limit);
  const plate = has[0] ?? plates.find((one) => one.source === paper && field(one)) ?? plates.find(field);
  if (plate) return setFigure(workspace, bodyId, plate.id, { limit }, figure);
  return addPart(workspace, bodyId, 'plates', {
    id: tools.newId(),
    source: paper ?? 'other',
    figures: [{ limit, ...figure }],
  });
}
