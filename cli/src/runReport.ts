import { readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { localDay, regionOf } from '@wagonomos/core';
import { verdictFrom } from '@wagonomos/core/weighing';
import { makePaper, paperKinds, paperWords } from '@wagonomos/papers';
import { faces, facesFor, printPaper, type FaceName, type Faces } from '@wagonomos/papers/print';
import { misuse, readAsked, type CliResult } from './asked.ts';
import { translate } from './speech.ts';

/**
 * `report FILE --kind KIND --out FILE.pdf [--paper A4|LETTER] [--unit kg|lb]` and what `check` takes: a paper as a PDF. Pictures
 * are no part of a file, so it has none.
 * @returns exit code 2 when the file or the options cannot be used, else 0
 */
export async function runReport(args: readonly string[], today = localDay(new Date())): Promise<CliResult> {
  const asked = readAsked(args, today);
  if ('error' in asked) return asked;
  const { options, workspace, view, ticket } = asked;
  const { kind, out, unit, paper: size } = options;
  if (kind === undefined) return misuse(translate('cli.badKind', { known: paperKinds.join(', ') }));
  if (out === undefined) return misuse(translate('cli.noOut', {}));
  const tickets = workspace.tickets.filter(({ rig }) => rig === view.rig.id);
  const paper = makePaper(kind, {
    view,
    based: verdictFrom(view, tickets, ticket ? { slip: ticket.id } : 'known'),
    planAsked: false,
    platesUntil: null,
    tickets,
    cases: workspace.cases.filter(({ rig }) => rig === view.rig.id),
    words: paperWords(translate, view.situation.words, unit),
    abroad: paperWords(translate, regionOf(view.situation.travel.country), unit),
    size,
    today,
    pictures: new Set(),
  });
  if (!paper) return misuse(translate('cli.noCase', { rig: view.rig.name }));
  try {
    writeFileSync(out, await printPaper(paper, readFaces(facesFor(paper))));
  } catch (error) {
    const reason = error instanceof Error && 'code' in error ? String(error.code) : String(error);
    return misuse(translate('cli.notWritten', { file: out, reason }));
  }
  return { code: 0, out: translate('cli.written', { file: out, title: paper.title }), error: '' };
}

const require = createRequire(import.meta.url);
const readFaces = (names: readonly FaceName[]): Faces =>
  Object.fromEntries(names.map((name) => [name, readFileSync(require.resolve(faces[name]))]));
