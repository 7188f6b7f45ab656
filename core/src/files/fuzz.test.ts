import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fuzzRuns, fuzzTime, mutatedDocument } from '../testing/hostile.ts';
import { assess, type Assessment } from '../verdict/assess.ts';
import { explain } from '../verdict/explain.ts';
import { viewRig } from '../document/viewRig.ts';
import { assessTicket } from '../weighing/measured.ts';
import { checkEdit } from '../document/checkEdit.ts';
import { extractRig } from './extractRig.ts';
import { mergeWorkspaces } from './mergeWorkspaces.ts';
import { readLeniently } from './readLeniently.ts';
import { readParsed, readWorkspace } from './readWorkspace.ts';
import type { Workspace } from '../document/workspace.ts';
import { writeWorkspace } from './writeWorkspace.ts';

/** Every number of an answer that is none, with the way to it. */
function notFinite(value: unknown, path = '', found: string[] = []): string[] {
  if (typeof value === 'number' && !Number.isFinite(value)) found.push(`${path}: ${value}`);
  if (value instanceof Map || value instanceof Set) return notFinite([...value], path, found);
  if (typeof value === 'object' && value !== null) {
    for (const [key, one] of Object.entries(value)) if (key !== 'view') notFinite(one, `${path}.${key}`, found);
  }
  return found;
}

/** All that is said of a document: each rig by its plan and by each of its slips, and a number's arithmetic. */
function judged(workspace: Workspace): readonly Assessment[] {
  return workspace.rigs.flatMap((rig) => {
    const view = viewRig(workspace, rig.id);
    if (!view) return [];
    const slips = workspace.tickets.filter((one) => one.rig === rig.id);
    return [assess(view), ...slips.map((ticket) => assessTicket(view, ticket))];
  });
}

const readsBack = (workspace: Workspace) =>
  expect(readWorkspace(writeWorkspace(workspace))).toEqual({
    ok: true,
    workspace: JSON.parse(JSON.stringify(workspace)) as unknown,
  });

describe('whatever a file holds', () => {
  it(
    'is read or refused, and what is read is judged in numbers, reads back, and can be merged and taken out',
    fuzzTime,
    () => {
      let accepted = 0;
      fc.assert(
        fc.property(mutatedDocument, (raw) => {
          const read = readParsed(raw);
          const lenient = readLeniently(raw);
          if (lenient) readsBack(lenient.workspace);
          if (!read.ok) return;
          accepted += 1;
          const { workspace } = read;
          readsBack(workspace);
          expect(checkEdit(workspace).ok).toBe(true);
          for (const one of judged(workspace)) {
            expect(notFinite({ ...one, compiled: one.loads.values })).toEqual([]);
            if (one.legal === true) {
              expect(one.checks.filter(({ required, status }) => required && status === 'unknown')).toEqual([]);
            }
            for (const check of one.checks.slice(0, 3)) expect(notFinite(explain(one, check.id))).toEqual([]);
          }
          for (const rig of workspace.rigs) {
            const alone = extractRig(workspace, rig.id);
            if (alone) expect(readParsed(alone).ok).toBe(true);
          }
          expect(readParsed(mergeWorkspaces(workspace, workspace))).toEqual({ ok: true, workspace });
        }),
        { numRuns: fuzzRuns(1500), endOnFailure: true },
      );
      expect(accepted).toBeGreaterThan(fuzzRuns(1500) / 20);
    },
  );

  it('is refused or read in text too, cut and scratched anywhere', fuzzTime, () => {
    fc.assert(
      fc.property(mutatedDocument, fc.nat(), fc.nat({ max: 40 }), fc.string({ maxLength: 6 }), (raw, at, cut, put) => {
        const text = JSON.stringify(raw);
        const from = at % Math.max(1, text.length);
        const read = readWorkspace(text.slice(0, from) + put + text.slice(from + cut));
        if (read.ok) readsBack(read.workspace);
        else expect(JSON.stringify(read.problem).length).toBeLessThan(5000);
      }),
      { numRuns: fuzzRuns(400), endOnFailure: true },
    );
  });
});
