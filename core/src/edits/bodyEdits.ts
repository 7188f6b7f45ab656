import type { Workspace } from '../document/workspace.ts';
import type { Body, Trailer, Vehicle } from '../rig/body.ts';
import type { CamperEmptyMass, TrailerEmptyMass, VehicleEmptyMass } from '../rig/emptyMass.ts';
import type { CamperGeometry, TrailerGeometry, VehicleGeometry } from '../rig/geometry.ts';
import type { Condition, Figure, FigureStands, Plate } from '../rig/plate.ts';
import { alongReach, usualReach } from '../library/usualPlaces.ts';
import type { Place } from '../rig/equipment.ts';
import { conditionFor } from '../plates/fieldCondition.ts';
import type { FormField } from '../plates/plateForm.ts';
import { withoutUndefined, type Listed } from '../plain/lists.ts';
import { edited, entryOf, put, without } from './draft.ts';

/** Changes one body; an unknown one changes nothing. */
export const inBody = (workspace: Workspace, id: string, change: (body: Body) => void): Workspace =>
  edited(workspace, ({ bodies }) => {
    const body = entryOf(bodies, id);
    if (body) change(body);
  });

/** A field given as undefined is taken away: the figure is unknown again. */
export const setGeometry = (
  workspace: Workspace,
  id: string,
  patch: Partial<VehicleGeometry> | Partial<TrailerGeometry> | Partial<CamperGeometry>,
): Workspace =>
  inBody(workspace, id, (body) => {
    put(body.geometry, patch as Partial<typeof body.geometry>);
    standUsual(body);
  });

/** Usual places stand where the lengths put them now: also when a length is typed after them, or put right. */
function standUsual(body: Body): void {
  for (const place of body.places) {
    const reach = place.usual && usualReach(body.kind, place.usual, body.geometry);
    if (place.usual) put(place, reach ? alongReach(reach) : { x: undefined, length: undefined });
  }
}

/** Whether what is usual is taken where nobody has said, on these bodies. */
export const setTypical = (workspace: Workspace, bodyIds: readonly string[], typical: boolean): Workspace =>
  edited(workspace, ({ bodies }) => {
    for (const id of bodyIds) {
      const body = entryOf(bodies, id);
      if (body) put<{ typical?: boolean | undefined }>(body, { typical: typical || undefined });
    }
  });

/** How well a length is known, ± m; undefined: taken as exact. */
export const setLengthDoubt = (
  workspace: Workspace,
  id: string,
  length: 'wheelbase' | 'couplingOverhang' | 'pinOverhang' | 'tagOffset' | 'axlePosition',
  plusMinus: number | undefined,
): Workspace =>
  inBody(workspace, id, (body) => {
    const geometry = body.geometry as VehicleGeometry & TrailerGeometry;
    const doubts = withoutUndefined({ ...geometry.plusMinus, [length]: plusMinus });
    put(geometry, { plusMinus: Object.keys(doubts).length > 0 ? doubts : undefined });
  });

/** Changes the empty figure; a body that has none yet starts one. */
export const setEmptyMass = (
  workspace: Workspace,
  id: string,
  patch: Partial<VehicleEmptyMass> | Partial<TrailerEmptyMass> | Partial<CamperEmptyMass>,
): Workspace =>
  inBody(workspace, id, (body) => {
    const start = { source: 'other' as const, basis: body.kind === 'vehicle' ? 'kerb' : 'dry' };
    body.emptyMass = withoutUndefined({ ...start, ...body.emptyMass, ...patch }) as typeof body.emptyMass;
  });

/** Writes a figure on a field of a plate, or wipes it off when `figure` is null. Conditions said of it stay. */
export const setFigure = (
  workspace: Workspace,
  bodyId: string,
  plateId: string,
  field: Pick<FormField, 'limit' | 'variant'>,
  figure: { readonly value: number; readonly typed: string } | null,
): Workspace =>
  changePlate(workspace, bodyId, plateId, (plate) => {
    const { limit, variant } = field;
    const isIt = (one: Figure) => one.limit === limit && conditionFor(one) === variant;
    const known = plate.figures.find(isIt);
    const conditions: Condition[] = variant ? [{ kind: variant, met: 'unknown' }] : [];
    if (!figure) plate.figures = plate.figures.filter((one) => !isIt(one));
    else if (known) put(known, figure);
    else plate.figures.push({ limit, ...figure, ...(conditions.length > 0 ? { conditions } : {}) });
  });

/** Says under which conditions a figure holds; none left means it always does. */
export const setConditions = (
  workspace: Workspace,
  bodyId: string,
  plateId: string,
  field: Pick<FormField, 'limit' | 'variant'>,
  conditions: readonly Condition[],
): Workspace =>
  changePlate(workspace, bodyId, plateId, ({ figures }) => {
    const it = figures.filter((one) => one.limit === field.limit && conditionFor(one) === field.variant);
    for (const one of it) put(one, { conditions: conditions.length > 0 ? [...conditions] : undefined });
  });

/** What the figures of a field are: as registered, what it is built for … @param stands undefined: not said */
export const setStands = (
  workspace: Workspace,
  bodyId: string,
  plateId: string,
  field: Pick<FormField, 'limit' | 'variant'>,
  stands: FigureStands | undefined,
): Workspace =>
  changePlate(workspace, bodyId, plateId, ({ figures }) => {
    const it = figures.filter((one) => one.limit === field.limit && conditionFor(one) === field.variant);
    for (const one of it) put(one, { stands });
  });

const changePlate = (
  workspace: Workspace,
  bodyId: string,
  plateId: string,
  change: (plate: Plate) => void,
): Workspace =>
  inBody(workspace, bodyId, ({ plates }) => {
    const plate = entryOf(plates, plateId);
    if (plate) change(plate);
  });

type PartList = 'plates' | 'places' | 'tanks' | 'fitted';
type Part<L extends PartList> = Body[L][number];

/** Puts a place, tank or fitted part at the end of its list on a body; an unknown body changes nothing. */
export const addPart = <L extends PartList>(workspace: Workspace, bodyId: string, list: L, part: Part<L>): Workspace =>
  inBody(workspace, bodyId, (body) => void (body[list] as Part<L>[]).push(part));

/** Patches a place, tank or fitted part; a field given as undefined is taken away. */
export const changePart = <L extends PartList>(
  workspace: Workspace,
  bodyId: string,
  list: L,
  partId: string,
  patch: Partial<Part<L>>,
): Workspace =>
  inBody(workspace, bodyId, (body) => {
    const part = entryOf(body[list] as Part<L>[], partId);
    if (part) put(part, list === 'places' ? (asSaid(patch as Partial<Place>) as typeof patch) : patch);
  });

/** A place whose owner says where it lies follows the body's lengths no more. */
const asSaid = (patch: Partial<Place>): Partial<Place> =>
  'x' in patch || 'length' in patch ? { ...patch, usual: undefined } : patch;

/** Takes a part away, and with it what the loadouts say of it: the things in a place go home. */
export function removePart(workspace: Workspace, bodyId: string, list: PartList, partId: string): Workspace {
  return edited(workspace, ({ bodies, loadouts }) => {
    const body = entryOf(bodies, bodyId);
    if (body) put(body, { [list]: without<Listed>(body[list], (one) => one.id === partId) });
    for (const loadout of loadouts) {
      if (list === 'places') {
        loadout.placements = without(loadout.placements, (one) => one.body === bodyId && one.place === partId);
      } else if (list === 'tanks') {
        loadout.tankLevels = without(loadout.tankLevels, (one) => one.body === bodyId && one.tank === partId);
      }
    }
  });
}

/** Gives a body another name. */
export const renameBody = (workspace: Workspace, id: string, name: string): Workspace =>
  inBody(workspace, id, (body) => {
    body.name = name;
  });

type Seat = Vehicle['seats'][number];

/** Puts a seat at the end of the list of a vehicle. */
export const addSeat = (workspace: Workspace, vehicleId: string, seat: Seat): Workspace =>
  inVehicle(workspace, vehicleId, ({ seats }) => void seats.push(seat));

/** A field given as undefined is taken away: nobody knows where the seat is. */
export const setSeat = (workspace: Workspace, vehicleId: string, seatId: string, patch: Partial<Seat>): Workspace =>
  inVehicle(workspace, vehicleId, ({ seats }) => {
    const seat = entryOf(seats, seatId);
    if (seat) put(seat, patch);
  });

/** Takes a seat out; whoever sat there is still on board and has no seat. */
export function removeSeat(workspace: Workspace, vehicleId: string, seatId: string): Workspace {
  const using = new Set(workspace.rigs.filter((rig) => rig.vehicle === vehicleId).map((rig) => rig.loadout));
  return edited(workspace, ({ bodies, loadouts }) => {
    const vehicle = entryOf(bodies, vehicleId);
    if (vehicle?.kind === 'vehicle') vehicle.seats = without(vehicle.seats, (one) => one.id === seatId);
    const sat = loadouts.filter(({ id }) => using.has(id)).flatMap(({ crew }) => crew);
    for (const one of [...(vehicle?.fitted ?? []), ...sat]) if (one.seat === seatId) put(one, { seat: undefined });
  });
}

const inVehicle = (workspace: Workspace, id: string, change: (vehicle: Vehicle) => void): Workspace =>
  inBody(workspace, id, (body) => {
    if (body.kind === 'vehicle') change(body);
  });

/** Simple facts of a body: brakes, coupling, what is present, how many berths, what its empty figure contains. */
export type BodyFacts = {
  [Key in VehicleFact]?: Vehicle[Key] | undefined;
} & { [Key in TrailerFact]?: Trailer[Key] | undefined };
type VehicleFact =
  | 'mirrors'
  | 'brakeController'
  | 'abs'
  | 'trailerStability'
  | 'zeroEmission'
  | 'classedAs'
  | 'towLimitMeans'
  | 'declared'
  | 'seen';
type TrailerFact =
  | 'braked'
  | 'coupling'
  | 'chains'
  | 'chainCount'
  | 'brakeKind'
  | 'dampers'
  | 'stabiliser'
  | 'goods'
  | 'hundredPlate'
  | 'breakaway'
  | 'berths';

/** A fact given as undefined is taken away. */
export const setFacts = (workspace: Workspace, id: string, facts: BodyFacts): Workspace =>
  inBody(workspace, id, (body) => put<object>(body, facts));
