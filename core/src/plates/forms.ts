import type { Body } from '../rig/body.ts';
import type { LimitName } from '../rig/limitNames.ts';
import type { Plate } from '../rig/plate.ts';
import { plateTemplates } from '../rig/plateTemplates.ts';
import { conditionFor } from './fieldCondition.ts';
import { partForms } from './partForms.ts';
import type { FormField, PlateForm } from './plateForm.ts';
import { regionForms } from './regionForms.ts';

/** Every kind of plate and paper that can be chosen. */
export const plateForms: readonly PlateForm[] = [...regionForms, ...partForms];

const byId = new Map(plateForms.map((form) => [form.id, form]));
/** The form a plate follows; undefined where it follows none. */
export const formOf = (plate: Plate): PlateForm | undefined =>
  plate.form === undefined ? undefined : byId.get(plate.form);

/** Fields that stand on a plate besides those of its form: a tag axle's, and whatever else was read there. */
export function plateFields(body: Body, plate: Plate): readonly FormField[] {
  const form = formOf(plate);
  const usual: readonly FormField[] =
    form?.fields ?? (plateTemplates(body.kind)[plate.source] ?? []).map((limit) => ({ limit, mark: '' }));
  const has = (limit: LimitName) => usual.some((field) => field.limit === limit);
  const tagged = body.kind === 'vehicle' && body.geometry.tagAxle && has('rearAxleMax') && !has('tagAxleMax');
  const tag: readonly FormField[] = tagged ? [{ limit: 'tagAxleMax', mark: form ? '3-' : '' }] : [];
  const others = plate.figures
    .filter((figure) => !usual.some((field) => sameField(field, figure)) && figure.limit !== 'tagAxleMax')
    .map((figure): FormField => {
      const variant = conditionFor(figure);
      return { limit: figure.limit, mark: '', ...(variant ? { variant } : {}) };
    });
  return [...usual, ...tag, ...others];
}

/** Whether a figure is the one that stands on a field: the same limit, with the same say about the bars. */
export const sameField = (field: FormField, figure: Plate['figures'][number]): boolean =>
  field.limit === figure.limit && field.variant === conditionFor(figure);

/** Forms in the order in which an owner there looks for them: own country, then parts, then the rest of the world. */
export function formsFor(kind: Body['kind'], region: Exclude<PlateForm['region'], 'any'>): readonly PlateForm[] {
  const rank = (form: PlateForm) => (form.region === region ? 0 : form.region === 'any' ? 1 : 2);
  return plateForms.filter((form) => form.body === kind).sort((a, b) => rank(a) - rank(b));
}
