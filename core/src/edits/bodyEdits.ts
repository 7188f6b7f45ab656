import type { Workspace } from '../document/workspace.ts';
import type { Body, Trailer, Vehicle } from '../rig/body.ts';
import type { CamperEmptyMass, TrailerEmptyMass, VehicleEmptyMass } from '../rig/emptyMass.ts';
import type { CamperGeometry, TrailerGeometry, VehicleGeometry } from '../rig/geometry.ts';
import type { Condition, Figure, Plate } from '../rig/plate.ts';
import { conditionFor } from '../plates/fieldCondition.ts';
import type { FormField } from '../plates/plateForm.ts';
import { inList, without, withoutUndefined, type Listed } from '../plain/lists.ts';

/** Replaces one body by what `change` makes of it. */
export const changeBody = (workspace: Workspace, id: string, change: (body: Body) => Body): Workspace => ({
  ...workspace,
  bodies: inList(workspace.bodies, id, change),
});

/** A field given as undefined is taken away: the figure is unknown again. */
export const setGeometry = (
  workspace: Workspace,
  id: string,
  patch: Partial<VehicleGeometry> | Partial<TrailerGeometry> | Partial<CamperGeometry>,
): Workspace =>
  changeBody(
    workspace,
    id,
    (body) => ({ ...body, geometry: withoutUndefined({ ...body.geometry, ...patch }) }) as Body,
  );

/** How well a length is known, ± m; undefined: taken as exact. */
export const setLengthDoubt = (
  workspace: Workspace,
  id: string,
  length: 'wheelbase' | 'couplingOverhang' | 'pinOverhang' | 'tagOffset' | 'axlePosition',
  plusMinus: number | undefined,
): Workspace =>
  changeBody(workspace, id, (body) => {
    const known = 'plusMinus' in body.geometry ? body.geometry.plusMinus : undefined;
    const doubts = withoutUndefined({ ...known, [length]: plusMinus });
    const geometry = { ...body.geometry, plusMinus: Object.keys(doubts).length > 0 ? doubts : undefined };
    return { ...body, geometry: withoutUndefined(geometry) } as Body;
  });

/** Changes the empty figure; a body that has none yet starts one. */
export const setEmptyMass = (
  workspace: Workspace,
  id: string,
  patch: Partial<VehicleEmptyMass> | Partial<TrailerEmptyMass> | Partial<CamperEmptyMass>,
): Workspace =>
  changeBody(workspace, id, (body) => {
    const start = { source: 'other' as const, basis: body.kind === 'vehicle' ? 'kerb' : 'dry' };
    return { ...body, emptyMass: withoutUndefined({ ...start, ...body.emptyMass, ...patch }) } as Body;
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
    if (!figure) return { ...plate, figures: plate.figures.filter((one) => !isIt(one)) };
    const known = plate.figures.find(isIt);
    const conditions: Condition[] = variant ? [{ kind: variant, met: 'unknown' }] : [];
    const entry: Figure = known
      ? { ...known, ...figure }
      : { limit, ...figure, ...(conditions.length > 0 ? { conditions } : {}) };
    return {
      ...plate,
      figures: known ? plate.figures.map((one) => (isIt(one) ? entry : one)) : [...plate.figures, entry],
    };
  });

/** Says under which conditions a figure holds; none left means it always does. */
export const setConditions = (
  workspace: Workspace,
  bodyId: string,
  plateId: string,
  field: Pick<FormField, 'limit' | 'variant'>,
  conditions: readonly Condition[],
): Workspace =>
  changePlate(workspace, bodyId, plateId, (plate) => ({
    ...plate,
    figures: plate.figures.map((one) =>
      one.limit === field.limit && conditionFor(one) === field.variant
        ? withoutUndefined({ ...one, conditions: conditions.length > 0 ? [...conditions] : undefined })
        : one,
    ),
  }));

const changePlate = (
  workspace: Workspace,
  bodyId: string,
  plateId: string,
  change: (plate: Plate) => Plate,
): Workspace => changeBody(workspace, bodyId, (body) => ({ ...body, plates: inList(body.plates, plateId, change) }));

type PartList = 'plates' | 'places' | 'tanks' | 'fitted';
type Part<L extends PartList> = Body[L][number];

/** Puts a place, tank or fitted part at the end of its list on a body; an unknown body changes nothing. */
export const addPart = <L extends PartList>(workspace: Workspace, bodyId: string, list: L, part: Part<L>): Workspace =>
  changeBody(workspace, bodyId, (body) => ({ ...body, [list]: [...body[list], part] }));

/** Patches a place, tank or fitted part; a field given as undefined is taken away. */
export const changePart = <L extends PartList>(
  workspace: Workspace,
  bodyId: string,
  list: L,
  partId: string,
  patch: Partial<Part<L>>,
): Workspace =>
  changeBody(workspace, bodyId, (body) => ({
    ...body,
    [list]: inList<Listed>(body[list], partId, (part) => withoutUndefined({ ...part, ...patch })),
  }));

/** Takes a part away, and with it what the loadouts say of it: the things in a place go home. */
export function removePart(workspace: Workspace, bodyId: string, list: PartList, partId: string): Workspace {
  const rest = changeBody(workspace, bodyId, (body) => ({ ...body, [list]: without<Listed>(body[list], partId) }));
  return {
    ...rest,
    loadouts: rest.loadouts.map((loadout) => ({
      ...loadout,
      placements:
        list === 'places'
          ? loadout.placements.filter((one) => one.body !== bodyId || one.place !== partId)
          : loadout.placements,
      tankLevels:
        list === 'tanks'
          ? loadout.tankLevels.filter((one) => one.body !== bodyId || one.tank !== partId)
          : loadout.tankLevels,
    })),
  };
}

/** Gives a body another name. */
export const renameBody = (workspace: Workspace, id: string, name: string): Workspace =>
  changeBody(workspace, id, (body) => ({ ...body, name }));

type Seat = Vehicle['seats'][number];

/** Puts a seat at the end of the list of a vehicle. */
export const addSeat = (workspace: Workspace, vehicleId: string, seat: Seat): Workspace =>
  changeSeats(workspace, vehicleId, (seats) => [...seats, seat]);

/** A field given as undefined is taken away: nobody knows where the seat is. */
export const setSeat = (workspace: Workspace, vehicleId: string, seatId: string, patch: Partial<Seat>): Workspace =>
  changeSeats(workspace, vehicleId, (seats) =>
    inList(seats, seatId, (seat) => withoutUndefined({ ...seat, ...patch })),
  );

/** Takes a seat out; whoever sat there is still on board and has no seat. */
export function removeSeat(workspace: Workspace, vehicleId: string, seatId: string): Workspace {
  const rest = changeBody(
    changeSeats(workspace, vehicleId, (seats) => without(seats, seatId)),
    vehicleId,
    (body) => ({
      ...body,
      fitted: body.fitted.map((part) => (part.seat === seatId ? withoutUndefined({ ...part, seat: undefined }) : part)),
    }),
  );
  const using = new Set(rest.rigs.filter((rig) => rig.vehicle === vehicleId).map((rig) => rig.loadout));
  return {
    ...rest,
    loadouts: rest.loadouts.map((loadout) =>
      using.has(loadout.id)
        ? {
            ...loadout,
            crew: loadout.crew.map((one) =>
              one.seat === seatId ? withoutUndefined({ ...one, seat: undefined }) : one,
            ),
          }
        : loadout,
    ),
  };
}

const changeSeats = (workspace: Workspace, vehicleId: string, change: (seats: readonly Seat[]) => Seat[]): Workspace =>
  changeBody(workspace, vehicleId, (body) => (body.kind === 'vehicle' ? { ...body, seats: change(body.seats) } : body));

/** Simple facts of a body: brakes, coupling, what is present, how many berths, what its empty figure contains. */
export type BodyFacts = {
  [Key in VehicleFact]?: Vehicle[Key] | undefined;
} & { [Key in TrailerFact]?: Trailer[Key] | undefined };
type VehicleFact = 'mirrors' | 'brakeController' | 'abs' | 'zeroEmission' | 'declared';
type TrailerFact =
  | 'braked'
  | 'coupling'
  | 'chains'
  | 'chainCount'
  | 'brakeKind'
  | 'dampers'
  | 'stabiliser'
  | 'hundredPlate'
  | 'breakaway'
  | 'berths'
  | 'seen';

/** A fact given as undefined is taken away. */
export const setFacts = (workspace: Workspace, id: string, facts: BodyFacts): Workspace =>
  changeBody(workspace, id, (body) => withoutUndefined({ ...body, ...facts }));
