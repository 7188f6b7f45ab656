import type { LoadOrigin } from '../statics/pointLoad.ts';

/** Which loads each line of the sheet adds up. */
export const payloadOrigins = {
  bare: ['empty', 'basis', 'said'],
  fitted: ['fitted', 'fitting'],
  crew: ['crew'],
  tank: ['tank'],
  thing: ['thing'],
} as const satisfies Readonly<Record<string, readonly LoadOrigin[]>>;
/** Whether a load is the body itself: what it weighs empty, less what its figure contains, or what is said of all of it. */
export const isBare = ({ origin }: { readonly origin: LoadOrigin }): boolean =>
  (payloadOrigins.bare as readonly LoadOrigin[]).includes(origin);

export type PayloadPart = keyof typeof payloadOrigins;
