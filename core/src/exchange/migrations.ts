import { fileVersion } from './workspace.ts';

/** Step n turns the raw data of version n into version n + 1. Version 1 is the first, so there is none yet. */
const steps: Readonly<Record<number, (raw: unknown) => unknown>> = {};

/** Brings raw data of an older version up to date, step by step; a version without a step is already current. */
export function migrate(raw: unknown, version: number): unknown {
  let current = raw;
  for (let at = version; at < fileVersion; at += 1) current = steps[at]?.(current) ?? current;
  return current;
}
