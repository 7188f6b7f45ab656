import { z } from 'zod';
import { dateField, idField, listBounds, massField, nameField, noteField, photoField } from '../rig/fields.ts';
import { limitNames, plateSources } from '../rig/limitNames.ts';
import { upratePackageSchema } from './upratePackage.ts';

/** A picture or a paper kept beside the document, by the hash of its contents. */
const caseFileSchema = z.strictObject({ hash: photoField, name: nameField, kind: z.enum(['picture', 'pdf']) });
export type CaseFile = z.infer<typeof caseFileSchema>;

/** What is known of one step: when it is due and was done, by whom, what it really cost, what there is to show for it. */
const caseStepSchema = z.strictObject({
  /** Whose body and which step: "vehicle.certificate". */
  id: z.string().regex(/^(vehicle|trailer)\.[a-zA-Z]{2,20}$/),
  due: dateField.optional(),
  done: dateField.optional(),
  who: nameField.optional(),
  cost: z.number().min(0).max(1_000_000).optional(),
  note: noteField.optional(),
  files: z.array(caseFileSchema).max(listBounds.caseFiles).optional(),
});
export type CaseStep = z.infer<typeof caseStepSchema>;

/** A figure as it stands on the new plate, read off it by the owner. */
const certifiedSchema = z.strictObject({
  of: z.enum(['vehicle', 'trailer']),
  limit: z.enum(limitNames),
  part: z.enum(plateSources).optional(),
  /** kg; kN for D and V values. */
  value: massField,
});
export type Certified = z.infer<typeof certifiedSchema>;

/** An uprate or downrate under way: what is to be done, what has been done, what the new plate says. */
export const uprateCaseSchema = z.strictObject({
  id: idField,
  rig: idField,
  name: nameField,
  begun: dateField,
  /** Before it ever was registered: another route in some countries. */
  unregistered: z.boolean().optional(),
  /** As they were when the case was begun: a later change of a quote does not change what was ordered. */
  packages: z.array(upratePackageSchema).min(1).max(listBounds.casePackages),
  steps: z.array(caseStepSchema).max(listBounds.caseSteps),
  certified: z.array(certifiedSchema).max(listBounds.certified),
  /** The day on which the new plates became those of the rig. */
  applied: dateField.optional(),
});
export type UprateCase = z.infer<typeof uprateCaseSchema>;
