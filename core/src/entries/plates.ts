/**
 * The plates and papers of each region as forms: which fields they have, and to which limit each belongs.
 */
export { conditionFor } from '../plates/fieldCondition.ts';
export { formOf, formsFor, plateFields, sameField } from '../plates/forms.ts';
export type { FormField, PlateForm } from '../plates/plateForm.ts';
