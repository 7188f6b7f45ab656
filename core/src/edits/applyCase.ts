import type { Workspace } from '../document/workspace.ts';
import { viewRig } from '../document/viewRig.ts';
import type { RigView } from '../loading/rigView.ts';
import type { Body, Trailer, Vehicle } from '../rig/body.ts';
import { forceLimits, type LimitName } from '../rig/limitNames.ts';
import type { Figure, Plate } from '../rig/plate.ts';
import { applyPackage, bodyPlates, placePackages } from '../uprating/applyPackage.ts';
import { caseProgress } from '../uprating/caseProgress.ts';
import type { NewFigure } from '../uprating/newFigures.ts';
import type { UprateCase } from '../uprating/uprateCase.ts';
import { withoutUndefined } from '../plain/lists.ts';
import { edited, entryOf } from './draft.ts';

/**
 * Makes the new plates those of the rig: only with certificate, entry and plate recorded and every figure read off the plate.
 * What was there stays as dated history; new parts come on board on the day of the plate.
 * @returns the document, unchanged where anything is still outstanding or it has been done before
 */
export function applyCase(workspace: Workspace, id: string, day: string, newId: () => string): Workspace {
  const one = workspace.cases.find((entry) => entry.id === id);
  const view = one && viewRig(workspace, one.rig);
  if (!one || !view || one.applied !== undefined) return workspace;
  const { figures, obstacles } = caseProgress(view, one, day);
  if (obstacles.length > 0) return workspace;
  const changed = (['vehicle', 'trailer'] as const).flatMap((of) => {
    const body = view[of];
    if (!body || !one.packages.some((offer) => offer.of === of)) return [];
    return [
      withNewPlates(
        view,
        body,
        one,
        figures.filter((figure) => figure.of === of),
        day,
        newId,
      ),
    ];
  });
  return edited(workspace, ({ bodies, cases }) => {
    for (const body of changed) bodies[workspace.bodies.findIndex((other) => other.id === body.id)] = body;
    const entry = entryOf(cases, id);
    if (entry) entry.applied = day;
  });
}

function withNewPlates(
  view: RigView,
  body: Vehicle | Trailer,
  one: UprateCase,
  figures: readonly NewFigure[],
  day: string,
  newId: () => string,
): Body {
  const of = body.kind;
  const plateStep = one.steps.find((entry) => entry.id === `${of}.plate`);
  const since = plateStep?.done ?? day;
  const own = placePackages(
    view,
    one.packages.filter((offer) => offer.of === of),
  );
  // Gear and parts as the packages have them; figures only as they were read.
  const bare = own.map((offer) => ({ ...offer, limits: [], adds: [] }));
  const refitted = bare.reduce(applyPackage, view)[of] ?? body;
  const photo = plateStep?.files?.find(({ kind }) => kind === 'picture')?.hash;
  const former = {
    id: newId(),
    until: since,
    name: one.name,
    plates: body.plates,
    ...(body.gear ? { gear: body.gear } : {}),
  };
  const parts = own.flatMap(({ name, adds }) =>
    adds.map((on) => ({ id: newId(), name, on, inEmptyMass: 'no' as const, date: since })),
  );
  return {
    ...refitted,
    plates: withUnstated(
      body.plates.map((plate) => newPlate(plate, figures, since, photo)),
      figures,
      since,
      newId,
    ),
    formerPlates: [...(body.formerPlates ?? []), former],
    fitted: [...body.fitted, ...parts],
  };
}

const typedAs = (limit: LimitName, value: number): string => `${value} ${forceLimits.includes(limit) ? 'kN' : 'kg'}`;

const isOn = (plate: Pick<Plate, 'source'>, { part }: NewFigure): boolean =>
  part ? plate.source === part : bodyPlates.includes(plate.source);

/** A plate with what was read anew on it. The picture of the old one goes to history with it. */
function newPlate(plate: Plate, figures: readonly NewFigure[], date: string, photo: string | undefined): Plate {
  const read = (figure: Figure) => figures.find((one) => one.limit === figure.limit && isOn(plate, one))?.read ?? null;
  if (!plate.figures.some((figure) => read(figure) !== null)) return plate;
  const renewed = plate.figures.map((figure) => {
    const value = read(figure);
    return value === null ? figure : { ...figure, value, typed: typedAs(figure.limit, value) };
  });
  return withoutUndefined({ ...plate, figures: renewed, date, photo });
}

/** What no plate stated before stands on the certificate from now on. */
function withUnstated(
  plates: readonly Plate[],
  figures: readonly NewFigure[],
  date: string,
  newId: () => string,
): Plate[] {
  const unstated = figures.flatMap((one) => {
    const there = plates.some((plate) => isOn(plate, one) && plate.figures.some(({ limit }) => limit === one.limit));
    return there || one.read === null
      ? []
      : [{ limit: one.limit, value: one.read, typed: typedAs(one.limit, one.read) }];
  });
  return unstated.length === 0
    ? [...plates]
    : [...plates, { id: newId(), source: 'certificate', date, figures: unstated }];
}
