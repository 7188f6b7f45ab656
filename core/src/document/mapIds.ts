import { z } from 'zod';
import { idField } from '../rig/fields.ts';
import { workspaceShape, type Workspace } from './workspace.ts';

/**
 * A document with every id in it replaced, and nothing else: the schema says which texts are ids, so that a name or a certificate's
 * number that happens to look like one stays as it is.
 * @param change what an id becomes; need be no id itself
 */
export const mapIds = (workspace: Workspace, change: (id: string) => string): unknown =>
  mapped(workspaceShape, workspace, change);

function mapped(schema: z.core.$ZodType, value: unknown, change: (id: string) => string): unknown {
  if (schema === idField) return typeof value === 'string' ? change(value) : value;
  if (schema instanceof z.ZodOptional) return mapped(schema.unwrap(), value, change);
  if (typeof value !== 'object' || value === null) return value;
  if (schema instanceof z.ZodArray) {
    return (value as readonly unknown[]).map((one) => mapped(schema.element, one, change));
  }
  if (schema instanceof z.ZodUnion) {
    const option = schema.options.find((one) => fits(one, value));
    return option ? mapped(option, value, change) : value;
  }
  const inner = schema instanceof z.ZodObject ? schema.shape : undefined;
  const fields = Object.entries(value as Readonly<Record<string, unknown>>);
  if (schema instanceof z.ZodRecord) {
    return Object.fromEntries(fields.map(([key, one]) => [key, mapped(schema.valueType, one, change)]));
  }
  if (!inner) return value;
  return Object.fromEntries(
    fields.map(([key, one]) => {
      const field = (inner as Readonly<Record<string, z.core.$ZodType | undefined>>)[key];
      return [key, field ? mapped(field, one, change) : one];
    }),
  );
}

/** Whether a value is of this kind among several: what each of them fixes tells them apart. */
function fits(schema: z.core.$ZodType, value: object): boolean {
  if (!(schema instanceof z.ZodObject)) return false;
  return Object.entries(schema.shape as Readonly<Record<string, z.core.$ZodType>>).every(
    ([key, field]) =>
      !(field instanceof z.ZodLiteral) || field.values.has((value as Readonly<Record<string, never>>)[key] as never),
  );
}
