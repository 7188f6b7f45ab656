import { z } from 'zod';
import { dateField, idField, massField, noteField, typedField } from './fields.ts';
import { limitNames, plateSources, type LimitName } from './limitNames.ts';
import type { Body } from './body.ts';

const figureSchema = z.strictObject({
  limit: z.enum(limitNames),
  value: massField,
  /** As it stands on the plate, with its unit: "6173 lb". */
  typed: typedField,
});

/** One plate, paper or page with its figures, and the day it was read. */
export const plateSchema = z.strictObject({
  id: idField,
  source: z.enum(plateSources),
  date: dateField.optional(),
  note: noteField.optional(),
  figures: z.array(figureSchema).max(40),
});

export type Plate = z.infer<typeof plateSchema>;
export type Figure = Plate['figures'][number];

/** A figure with the plate it stands on. */
export interface PlatedFigure extends Figure {
  readonly body: Body['id'];
  readonly plate: Plate['id'];
  readonly source: Plate['source'];
  readonly date: string | undefined;
}

/** All figures of a body for one limit, lowest first: the first governs. */
export function figuresFor(body: Body | undefined, limit: LimitName): readonly PlatedFigure[] {
  if (!body) return [];
  return body.plates
    .flatMap((plate) =>
      plate.figures
        .filter((figure) => figure.limit === limit)
        .map((figure) => ({ ...figure, body: body.id, plate: plate.id, source: plate.source, date: plate.date })),
    )
    .sort((a, b) => a.value - b.value);
}
