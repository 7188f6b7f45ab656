import type * as all from './reading.ts';

type Reading = typeof all;
export type CheckEdit = Reading['checkEdit'];

let asked: Promise<Reading> | undefined;

/**
 * The schema and what reads by it, fetched once: the largest part of what an edit needs, and nothing of what a first screen shows.
 * Where it does not come, the next to ask tries again.
 */
export function reading(): Promise<Reading> {
  asked ??= import('./reading.ts').catch((error: unknown) => {
    asked = undefined;
    throw error;
  });
  return asked;
}
