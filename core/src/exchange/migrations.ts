import { fileVersion } from './workspace.ts';

type Step = (raw: object) => object;

/**
 * Step n turns the raw data of version n into version n + 1.
 * 1 to 2: campers, fifth wheels, running gear, hitches and conditions came in, all of them optional.
 */
const steps: Readonly<Record<number, Step>> = {
  1: (raw) => ({ ...raw, version: 2 }),
};

/** Brings raw data of an older version up to date, step by step. */
export function migrate(raw: object, version: number): object {
  let current = raw;
  for (let at = version; at < fileVersion; at += 1) current = steps[at]?.(current) ?? current;
  return current;
}
