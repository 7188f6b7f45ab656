import { z } from 'zod';
import {
  dateField,
  idField,
  listBounds,
  massField,
  nameField,
  noteField,
  photoField,
  textBounds,
  typedField,
} from './fields.ts';
import { limitNames, plateSources, type LimitName } from './limitNames.ts';

export const conditionKinds = [
  'variant',
  'towPackage',
  'axleRatio',
  'tyreSize',
  'modelYear',
  'withDistribution',
  'withoutDistribution',
  'other',
] as const;
export type ConditionKind = (typeof conditionKinds)[number];

/** A figure may hold only for one variant, with one tow package, with the bars on … */
const conditionSchema = z.strictObject({
  kind: z.enum(conditionKinds),
  /** Which one, in the words of the plate. */
  text: nameField.optional(),
  /** Whether it is met here. With or without distribution follows from the rig's hitch instead. */
  met: z.enum(['yes', 'no', 'unknown']),
});
export type Condition = z.infer<typeof conditionSchema>;

/**
 * What a figure is, where that is not plain: as it is registered; what it is built for; of the base vehicle, before it was built up; one
 * that a newer figure has replaced.
 */
export const figureStands = ['registered', 'technical', 'baseStage', 'superseded'] as const;
export type FigureStands = (typeof figureStands)[number];

const figureSchema = z.strictObject({
  limit: z.enum(limitNames),
  /** kg; kN for D and V values. */
  value: massField,
  /** As it stands on the plate, with its unit: "6173 lb". */
  typed: typedField,
  conditions: z.array(conditionSchema).max(6).optional(),
  stands: z.enum(figureStands).optional(),
});

/** One plate, paper or page with its figures, and the day it was read. */
export const plateSchema = z.strictObject({
  id: idField,
  source: z.enum(plateSources),
  /** Which form of plate or paper, for its own words and units. */
  form: z.string().max(textBounds.key).optional(),
  /** A photograph of it, by the hash of its contents. */
  photo: photoField.optional(),
  date: dateField.optional(),
  note: noteField.optional(),
  figures: z.array(figureSchema).max(listBounds.figures),
});

export type Plate = z.infer<typeof plateSchema>;
export type Figure = Plate['figures'][number];

/** A figure with the plate it stands on. */
export interface PlatedFigure extends Figure {
  readonly body: string;
  readonly plate: Plate['id'];
  readonly source: Plate['source'];
  readonly date: string | undefined;
}

/** What has plates: a body of any kind. */
interface Plated {
  readonly geometry?: object;
  readonly id: string;
  readonly plates: readonly Plate[];
}

/** All figures of a body for one limit, lowest first: the first governs. */
export function figuresFor(body: Plated | undefined, limit: LimitName): readonly PlatedFigure[] {
  return (body && indexOf(body).get(limit)) ?? [];
}

/** The stamps of the axles of a group, where each of its beams has one, lowest first; none where not every one was read. */
export function axleStamps(body: Plated | undefined): readonly PlatedFigure[] {
  if (!body) return [];
  const found = body.plates.flatMap(({ id, source, date, figures }) =>
    figures
      .filter(({ limit }) => limit === 'axleGroupMax')
      .map((one) => ({ ...one, body: body.id, plate: id, source, date })),
  );
  return stampsOn(body, found).toSorted((a, b) => a.value - b.value);
}

function stampsOn({ geometry }: Plated, figures: readonly PlatedFigure[]): readonly PlatedFigure[] {
  const axles = geometry && 'axles' in geometry ? Number(geometry.axles) : 1;
  const stamps = figures.filter(({ source, conditions }) => source === 'axle' && !conditions?.length);
  const beams = new Set(stamps.map(({ plate }) => plate)).size;
  return axles >= 2 && beams === axles && stamps.length === axles ? stamps : [];
}

/**
 * A group of axles with a stamp on each of its beams: a stamp is for its own axle, and the weakest decides for all, since they
 * share evenly at best. One stamp on a group stays the group's, as its field says.
 */
function eachAxle(body: Plated, figures: PlatedFigure[]): PlatedFigure[] {
  const stamps = stampsOn(body, figures);
  const [first, ...others] = stamps;
  if (!first) return figures;
  const weakest = others.reduce((low, one) => (low.value <= one.value ? low : one), first);
  const axles = stamps.length;
  const together = { ...weakest, value: axles * weakest.value, typed: `${String(axles)} × ${weakest.typed}` };
  return [...figures.filter((one) => !stamps.includes(one)), together];
}

/** A body is replaced when it changes, so what was found on its plates holds as long as it does. */
const indexes = new WeakMap<Plated, ReadonlyMap<LimitName, readonly PlatedFigure[]>>();

function indexOf(body: Plated): ReadonlyMap<LimitName, readonly PlatedFigure[]> {
  const known = indexes.get(body);
  if (known) return known;
  const index = new Map<LimitName, PlatedFigure[]>();
  for (const { id, source, date, figures } of body.plates) {
    for (const figure of figures) {
      const list = index.get(figure.limit) ?? [];
      list.push({ ...figure, body: body.id, plate: id, source, date });
      index.set(figure.limit, list);
    }
  }
  const group = index.get('axleGroupMax');
  if (group) index.set('axleGroupMax', eachAxle(body, group));
  for (const list of index.values()) list.sort((a, b) => a.value - b.value);
  indexes.set(body, index);
  return index;
}
