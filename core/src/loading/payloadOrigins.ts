import type { LoadOrigin } from '../statics/pointLoad.ts';

/** Which loads each line of the sheet adds up. */
export const payloadOrigins = {
  bare: ['empty', 'basis', 'said'],
  fitted: ['fitted', 'fitting'],
  crew: ['crew'],
  tank: ['tank'],
  thing: ['thing'],
} as const satisfies Readonly<Record<string, readonly LoadOrigin[]>>;
export type PayloadPart = keyof typeof payloadOrigins;
