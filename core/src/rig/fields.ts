import { z } from 'zod';

/** Reference within a file: short, plain characters, so that it can stand in a URL and in a message. */
export const idField = z.string().regex(/^[A-Za-z0-9_-]{1,64}$/);

/** An owner's name for something. Bounded, so that a damaged file cannot flood the screen. */
export const nameField = z.string().trim().min(1).max(80);

export const noteField = z.string().max(2000);

/** What a person typed for a figure, kept to show it again in their own unit. */
export const typedField = z.string().max(80);

/** kg. The ceiling is far above any road vehicle; it catches grams and slipped points. */
export const massField = z.number().min(0).max(100_000);

/** ± of a mass, two standard deviations as people mean it, kg. */
export const plusMinusField = z.number().min(0).max(10_000);

/** m along a body from its datum, rearwards; ahead of the datum is negative. */
export const positionField = z.number().min(-15).max(30);

/** m, of something that has a size. */
export const lengthField = z.number().positive().max(30);

/** A calendar day, ISO 8601. */
export const dateField = z.iso.date();

export const litresField = z.number().min(0).max(5000);

/** kg/L */
export const densityField = z.number().positive().max(3);
