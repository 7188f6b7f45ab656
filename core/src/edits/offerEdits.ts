import { removeEntries } from '../document/referenceTable.ts';
import type { Workspace } from '../document/workspace.ts';
import { message } from '../messages/message.ts';
import type { Body, Vehicle, VehicleBuild } from '../rig/body.ts';
import type { EmptyBasis } from '../rig/emptyMass.ts';
import type { LimitName } from '../rig/limitNames.ts';
import { leftOutId, leftOuts, type LeftOut, type Look, type Offer, type WalkStop } from '../rig/offer.ts';
import type { Country } from '../situation/countries.ts';
import { situationIn } from '../situation/situation.ts';
import { listBounds, textBounds } from '../rig/fields.ts';
import { addPart, addSeat, changePart, inBody, removePart, removeSeat, setEmptyMass } from './bodyEdits.ts';
import { entryOf, put } from './draft.ts';
import { setKnownLimit, type KnownFigure } from './knownFigures.ts';
import { newTrailer, newVehicle, type NewRig, type NewRigTools } from './newBodies.ts';

/** What a brochure or an advertisement says of a trailer or a vehicle; what is left out stays unknown. */
export interface KnownOffer {
  readonly kind: 'trailer' | 'vehicle';
  readonly name: string;
  readonly country: Country;
  readonly build?: VehicleBuild | undefined;
  readonly axles?: number | undefined;
  readonly limits: Readonly<Partial<Record<LimitName, KnownFigure>>>;
  readonly empty?: KnownFigure | undefined;
  readonly basis?: EmptyBasis | undefined;
  readonly emptyBall?: KnownFigure | undefined;
  /** kg of what is not in the empty figure. */
  readonly leftOut?: Readonly<Partial<Record<LeftOut, number>>> | undefined;
  readonly price?: Offer['price'];
}

/**
 * A trailer or a vehicle that is looked at: a body as every other, judged as every other, that stands in no rig.
 * @returns the document with it, and its id
 */
export function addOffer(
  workspace: Workspace,
  known: KnownOffer,
  tools: NewRigTools,
): { readonly workspace: Workspace; readonly bodyId: string } {
  const { kind, name, country, build = 'wagon', axles, price } = known;
  const wanted: NewRig = { name, vehicleName: name, trailerName: name, build, country, axles };
  // How many seats it has nobody has said yet.
  const fresh =
    kind === 'trailer' ? newTrailer(wanted, name, tools) : { ...newVehicle(wanted, name, tools), seats: [] };
  const body: Body = { ...fresh, offer: price ? { price } : {} };
  let next: Workspace = { ...workspace, bodies: [...workspace.bodies, body] };
  for (const [limit, figure] of Object.entries(known.limits) as [LimitName, KnownFigure | undefined][]) {
    if (figure) next = setKnownLimit(next, body.id, limit, figure, tools);
  }
  const { empty, emptyBall, basis = kind === 'trailer' ? 'dry' : 'kerb' } = known;
  next = setEmptyMass(next, body.id, {
    basis: basis as never,
    source: 'brochure',
    ...(empty ? { total: empty.value } : {}),
    ...(emptyBall ? { ballLoad: emptyBall.value } : {}),
    typed: { ...(empty ? { total: empty.typed } : {}), ...(emptyBall ? { ballLoad: emptyBall.typed } : {}) },
  });
  for (const what of leftOuts) next = setLeftOut(next, body.id, what, known.leftOut?.[what], tools);
  return { workspace: next, bodyId: body.id };
}

/** kg of something the empty figure leaves out; undefined: nobody knows, or it is in it. */
export function setLeftOut(
  workspace: Workspace,
  bodyId: string,
  what: LeftOut,
  mass: number | undefined,
  tools: Pick<NewRigTools, 'word'>,
): Workspace {
  const body = workspace.bodies.find(({ id }) => id === bodyId);
  const id = leftOutId(what);
  const known = body?.fitted.some((one) => one.id === id);
  if (mass === undefined) return known ? removePart(workspace, bodyId, 'fitted', id) : workspace;
  if (known) return changePart(workspace, bodyId, 'fitted', id, { on: { mass } });
  const name = tools.word(message(`leftOut.${what}`));
  return addPart(workspace, bodyId, 'fitted', { id, name, on: { mass }, inEmptyMass: 'no' });
}

/** What a vehicle that is looked at is built as; on a body that is the owner's own it changes nothing. */
export const setBuild = (workspace: Workspace, bodyId: string, build: VehicleBuild): Workspace =>
  inBody(workspace, bodyId, (body) => {
    if (body.kind === 'vehicle' && body.offer) body.build = build;
  });

/**
 * How many belted seats a vehicle that is looked at has: seats are added, or the last ones taken out. Those of the owner's own have
 * places and people, and stay.
 */
export function setSeatCount(workspace: Workspace, vehicleId: string, count: number, tools: NewRigTools): Workspace {
  const vehicle = workspace.bodies.find(({ id }) => id === vehicleId);
  if (vehicle?.kind !== 'vehicle' || !vehicle.offer) return workspace;
  const more = Math.max(0, Math.min(count, listBounds.seats) - vehicle.seats.length);
  const name = tools.word(message('starter.rearSeat'));
  const added = Array.from({ length: more }).reduce<Workspace>(
    (next) => addSeat(next, vehicleId, { id: tools.newId(), name }),
    workspace,
  );
  return vehicle.seats.slice(Math.max(0, count)).reduce((next, { id }) => removeSeat(next, vehicleId, id), added);
}

/** Changes what is said of an offer; on a body that is the owner's own it changes nothing. */
export const setOffer = (workspace: Workspace, bodyId: string, patch: Partial<Offer>): Workspace =>
  inBody(workspace, bodyId, ({ offer }) => offer && put(offer, patch));

/** Notes and pictures at one stop of a walk round a body; a field given as undefined is taken away. */
export const setLook = (
  workspace: Workspace,
  bodyId: string,
  stop: WalkStop,
  patch: Partial<Omit<Look, 'id'>>,
): Workspace =>
  inBody(workspace, bodyId, (body) => {
    const known = entryOf(body.looks ?? [], stop);
    if (known) put(known, patch);
    else body.looks = [...(body.looks ?? []), { id: stop, ...patch }];
  });

/** An offer is looked at no more: it goes, with everything that names it. */
export const removeOffer = (workspace: Workspace, bodyId: string): Workspace =>
  workspace.bodies.some(({ id, offer }) => id === bodyId && offer !== undefined)
    ? removeEntries(workspace, { bodies: new Set([bodyId]) })
    : workspace;

/**
 * It is bought: an offer becomes the owner's own and stands in a rig of its own, a trailer behind a vehicle of his.
 * @param behind the vehicle; left out: a trailer by itself
 * @returns the document with the rig, and its id; null where there is no such offer
 */
export function takeOffer(
  workspace: Workspace,
  bodyId: string,
  wanted: { readonly country: Country; readonly behind?: Vehicle | undefined; readonly before?: string | undefined },
  tools: NewRigTools,
): { readonly workspace: Workspace; readonly rigId: string } | null {
  const body = workspace.bodies.find(({ id }) => id === bodyId);
  if (!body?.offer || body.kind === 'camper') return null;
  const own = inBody(workspace, bodyId, (one) => put(one, { offer: undefined }));
  const situation = situationIn(tools.newId(), tools.word(message('starter.situation')), wanted.country);
  const loadout = { id: tools.newId(), name: tools.word(message('starter.loadout')) };
  const pair =
    body.kind === 'trailer'
      ? { trailer: body.id, ...(wanted.behind ? { vehicle: wanted.behind.id } : {}) }
      : { vehicle: body.id, ...(wanted.before ? { trailer: wanted.before } : {}) };
  const rigId = tools.newId();
  const other = wanted.behind?.name ?? workspace.bodies.find(({ id }) => id === wanted.before)?.name;
  const name = [body.kind === 'vehicle' ? body.name : other, body.kind === 'vehicle' ? other : body.name]
    .filter((one) => one !== undefined)
    .join(' + ');
  return {
    rigId,
    workspace: {
      ...own,
      situations: [...own.situations, situation],
      loadouts: [...own.loadouts, { ...loadout, crew: [], placements: [], tankLevels: [] }],
      rigs: [
        ...own.rigs,
        { id: rigId, name: name.slice(0, textBounds.name), ...pair, situation: situation.id, loadout: loadout.id },
      ],
    },
  };
}
