import { viewRig } from '../document/viewRig.ts';
import type { Workspace } from '../document/workspace.ts';
import { listedOn, listedOnBall } from '../loading/said.ts';
import { message } from '../messages/message.ts';
import type { Body } from '../rig/body.ts';
import type { EmptyBasis } from '../rig/emptyMass.ts';
import type { LimitName, PlateSource } from '../rig/limitNames.ts';
import type { CrewMember } from '../loading/loadout.ts';
import type { Ticket } from '../loading/ticket.ts';
import { addPart, setEmptyMass, setFacts, setTypical, type BodyFacts } from './bodyEdits.ts';
import { knownLimits, setKnownLimit, type KnownFigure } from './knownFigures.ts';
import { addCrew, addThing, placeThing, sayOf, setTankLevel } from './loadoutEdits.ts';
import { addNewRig, type NewRig } from './newRig.ts';
import type { NewRigTools } from './newBodies.ts';
import { addTicket, usualSteps } from './ticketEdits.ts';

/** What an owner knows of a vehicle: its limits, its empty figure, who and what is in it, and what a scale showed. */
interface KnownVehicle {
  readonly limits: Readonly<Partial<Record<keyof (typeof knownLimits)['vehicle'], KnownFigure>>>;
  readonly empty?: KnownFigure | undefined;
  readonly basis?: EmptyBasis | undefined;
  readonly people?: KnownFigure | undefined;
  readonly luggage?: KnownFigure | undefined;
  /** All its wheels on one plate, by itself. */
  readonly weighed?: KnownFigure | undefined;
  /** What is there or not, as it was answered. */
  readonly facts?: BodyFacts | undefined;
}

/** The same of a trailer: as loaded, all of it and what rests on the coupling, in kg or as a share (0 to 1). */
export interface KnownTrailer {
  readonly limits: Readonly<Partial<Record<keyof (typeof knownLimits)['trailer'], KnownFigure>>>;
  readonly empty?: KnownFigure | undefined;
  readonly basis?: EmptyBasis | undefined;
  readonly emptyBall?: KnownFigure | undefined;
  readonly total?: KnownFigure | undefined;
  readonly ballLoad?: KnownFigure | undefined;
  readonly ballShare?: number | undefined;
  /** kg put in at the front beside the empty figure: battery, gas. */
  readonly atFront?: KnownFigure | undefined;
  /** L of fresh water on board. */
  readonly water?: KnownFigure | undefined;
  readonly facts?: BodyFacts | undefined;
}

export interface KnownRig extends Pick<NewRig, 'build' | 'country' | 'coupling' | 'axles'> {
  readonly vehicle: KnownVehicle | null;
  readonly trailer: KnownTrailer | null;
  /** Take what is usual where nothing is known. */
  readonly typical?: boolean | undefined;
  /** ISO day of a weighing. */
  readonly today: string;
}

/**
 * An ordinary rig out of the few figures somebody has, each on the paper it comes from; what is left out stays unknown.
 * @returns the document with the rig in it, and the rig's id
 */
export function addKnownRig(
  workspace: Workspace,
  known: KnownRig,
  tools: NewRigTools,
): { readonly workspace: Workspace; readonly rigId: string } {
  const called = (key: string) => tools.word(message(`starter.${key}`));
  const vehicleName = known.vehicle && called('vehicle');
  const trailerName = known.trailer && called('trailer');
  const name = [vehicleName, trailerName].filter((one) => one !== null).join(' + ');
  const started = addNewRig(workspace, { ...known, name, vehicleName, trailerName }, tools);
  const { rigId } = started;
  const view = viewRig(started.workspace, rigId);
  let next = started.workspace;
  if (view?.vehicle && known.vehicle) next = withVehicle(next, rigId, view.loadout.id, view.vehicle, known, tools);
  if (view?.trailer && known.trailer)
    next = withTrailer(next, rigId, view.loadout.id, view.trailer, known.trailer, tools);
  for (const side of ['vehicle', 'trailer'] as const) {
    const [body, facts] = [view?.[side], known[side]?.facts];
    if (body && facts) next = setFacts(next, body.id, facts);
  }
  next = asWeighed(next, rigId, view?.loadout.id);
  const bodies = [view?.vehicle?.id, view?.trailer?.id].filter((id) => id !== undefined);
  return { workspace: known.typical ? setTypical(next, bodies, true) : next, rigId };
}

/** What was weighed was weighed as it is loaded here: the slip keeps that. */
function asWeighed(workspace: Workspace, rigId: string, loadoutId: string | undefined): Workspace {
  const loadout = workspace.loadouts.find(({ id }) => id === loadoutId);
  const tickets = workspace.tickets.map((one) =>
    one.rig === rigId && loadout ? { ...one, loadout: structuredClone(loadout) } : one,
  );
  return { ...workspace, tickets };
}

function withVehicle(
  workspace: Workspace,
  rigId: string,
  loadout: string,
  body: Extract<Body, { kind: 'vehicle' }>,
  { vehicle: known, today }: KnownRig,
  tools: NewRigTools,
): Workspace {
  if (!known) return workspace;
  const called = (key: string) => tools.word(message(`starter.${key}`));
  let next = withLimits(workspace, body, known.limits, knownLimits.vehicle, tools);
  if (known.empty) {
    const basis = known.basis ?? 'kerb';
    const typed = { total: known.empty.typed };
    next = setEmptyMass(next, body.id, { basis: basis as never, total: known.empty.value, typed, source: 'brochure' });
  }
  if (known.people) {
    const people: CrewMember = { id: tools.newId(), name: called('people'), mass: known.people.value, several: true };
    next = addCrew(next, loadout, people);
  }
  const [place] = body.places;
  if (known.luggage && place) {
    const thing = tools.newId();
    next = addThing(next, { id: thing, name: called('luggage'), mass: known.luggage.value });
    next = placeThing(next, loadout, thing, { body: body.id, place: place.id, count: 1 });
  }
  if (!known.weighed) return next;
  const reading = { id: tools.newId(), state: 'uncoupled' as const, on: ['front' as const, 'rear' as const] };
  const ticket: Ticket = {
    id: tools.newId(),
    rig: rigId,
    name: called('weighed'),
    date: today,
    graduation: usualSteps,
    readings: [{ ...reading, value: known.weighed.value }],
  };
  return addTicket(next, ticket);
}

function withTrailer(
  workspace: Workspace,
  rigId: string,
  loadout: string,
  body: Extract<Body, { kind: 'trailer' }>,
  known: KnownTrailer,
  tools: NewRigTools,
): Workspace {
  let next = withLimits(workspace, body, known.limits, knownLimits.trailer, tools);
  next = withOnBoard(next, loadout, body, known, tools);
  const { empty, emptyBall, total, ballLoad, ballShare } = known;
  if (empty ?? emptyBall) {
    next = setEmptyMass(next, body.id, {
      basis: (known.basis ?? 'dry') as never,
      source: 'brochure',
      ...(empty ? { total: empty.value } : {}),
      ...(emptyBall ? { ballLoad: emptyBall.value } : {}),
      typed: { ...(empty ? { total: empty.typed } : {}), ...(emptyBall ? { ballLoad: emptyBall.typed } : {}) },
    });
  }
  if (!total && !ballLoad && ballShare === undefined) return next;
  const said = { total: total?.value, ballLoad: ballLoad?.value, ballShare: ballLoad ? undefined : ballShare };
  const view = viewRig(next, rigId);
  return view?.trailer
    ? sayOf(next, loadout, body.id, said, {
        total: listedOn(view, view.trailer),
        ball: listedOnBall(view, view.trailer),
      })
    : next;
}

/** What people put into a trailer beside its empty figure, where such things go. */
function withOnBoard(
  workspace: Workspace,
  loadout: string,
  { id, places }: Body,
  { atFront, water }: KnownTrailer,
  tools: NewRigTools,
): Workspace {
  const called = (key: string) => tools.word(message(`starter.${key}`));
  const front = places.find(({ usual }) => usual === 'frontLocker');
  let next = workspace;
  if (atFront && front) {
    const thing = tools.newId();
    next = addThing(next, { id: thing, name: called('atFront'), mass: atFront.value });
    next = placeThing(next, loadout, thing, { body: id, place: front.id, count: 1 });
  }
  if (!water) return next;
  const tank = tools.newId();
  next = addPart(next, id, 'tanks', { id: tank, name: called('water'), kind: 'fresh', capacityL: water.value });
  return setTankLevel(next, loadout, id, tank, 1);
}

/** Writes each limit onto the paper it is usually read from. */
function withLimits<Name extends LimitName>(
  workspace: Workspace,
  body: Body,
  limits: Readonly<Partial<Record<Name, KnownFigure>>>,
  papers: Readonly<Record<Name, PlateSource>>,
  tools: NewRigTools,
): Workspace {
  return (Object.keys(papers) as Name[]).reduce(
    (next, limit) => (limits[limit] ? setKnownLimit(next, body.id, limit, limits[limit], tools) : next),
    workspace,
  );
}
