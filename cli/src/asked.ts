import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { fileProblemMessages, readBytes } from '@wagonomos/core/files';
import {
  byTheList,
  isDay,
  massUnits,
  onDay,
  plainText,
  viewRig,
  type MassUnit,
  type RigView,
  type Workspace,
} from '@wagonomos/core';
import type { Ticket } from '@wagonomos/core/weighing';
import { paperKinds, sheetSizes, type PaperKind, type SheetSize } from '@wagonomos/papers';
import { speech, translate } from './speech.ts';

export interface CliResult {
  readonly code: number;
  readonly out: string;
  readonly error: string;
}

/** What cannot be done, and why. */
export const misuse = (error: string): CliResult => ({ code: 2, out: '', error });

/** What both commands are about: a rig of a file, in a loadout, on a day, from all that is known, its list or a slip. */
export interface Asked {
  readonly options: Options;
  readonly workspace: Workspace;
  readonly view: RigView;
  readonly ticket: Ticket | undefined;
}

/**
 * What a command line asks about, read from its file.
 * @param today the day the rules are asked for where neither the option nor the file says one, ISO 8601
 */
export function readAsked(args: readonly string[], today: string): Asked | CliResult {
  const say = translate;
  const options = readOptions(args);
  if (typeof options === 'string') return misuse(`${options}\n${say('cli.usage', {})}`);
  const { file } = options;
  let bytes: Uint8Array;
  try {
    bytes = readFileSync(file);
  } catch (error) {
    const reason = error instanceof Error && 'code' in error ? String(error.code) : String(error);
    return misuse(say('cli.unreadable', { file, reason }));
  }
  const read = readBytes(bytes);
  if (!read.ok) {
    const reason = fileProblemMessages(read.problem).map((line) => plainText(line, speech('uk')));
    return misuse(say('cli.refused', { file, reason: reason.join('\n  ') }));
  }
  const view = chosenRig(read.workspace, options, say);
  if (typeof view === 'string') return misuse(view);
  const { situation } = view;
  const dated = options.date === undefined ? view : { ...view, situation: { ...situation, date: options.date } };
  const ticket = read.workspace.tickets.find((one) => one.rig === view.rig.id && one.name === options.ticket);
  if (options.ticket !== undefined && !ticket) return misuse(say('cli.noSuchTicket', { file, name: options.ticket }));
  const known = onDay(dated, today);
  return { options, workspace: read.workspace, view: options.listed ? byTheList(known) : known, ticket };
}

interface Options {
  readonly command: 'check' | 'report';
  readonly file: string;
  readonly rig: string | undefined;
  readonly loadout: string | undefined;
  readonly date: string | undefined;
  readonly ticket: string | undefined;
  /** The list alone, as if no scale had said anything. */
  readonly listed: boolean;
  readonly kind: PaperKind | undefined;
  readonly out: string | undefined;
  readonly paper: SheetSize;
  readonly unit: MassUnit;
}

function readOptions(args: readonly string[]): Options | string {
  const say = translate;
  try {
    const { values, positionals } = parseArgs({
      args: [...args],
      allowPositionals: true,
      options: {
        rig: { type: 'string' },
        loadout: { type: 'string' },
        date: { type: 'string' },
        ticket: { type: 'string' },
        from: { type: 'string' },
        kind: { type: 'string' },
        out: { type: 'string' },
        paper: { type: 'string', default: 'A4' },
        unit: { type: 'string', default: 'kg' },
      },
    });
    const [command, file, ...more] = positionals;
    const unknown = command !== 'check' && command !== 'report';
    if (unknown || file === undefined || more.length > 0) {
      return say('cli.badOption', { option: positionals.join(' ') || '—' });
    }
    const { rig, loadout, date, ticket, out, from } = values;
    if (from !== undefined && from !== 'list') return say('cli.badOption', { option: `--from ${from}` });
    if (date !== undefined && !isDay(date)) return say('cli.badDate', { date });
    const kind = paperKinds.find((one) => one === values.kind);
    const paper = sheetSizes.find((one) => one === values.paper.toUpperCase());
    const unit = massUnits.find((one) => one === values.unit);
    if (values.kind !== undefined && !kind) return say('cli.badKind', { known: paperKinds.join(', ') });
    if (!paper) return say('cli.badOption', { option: `--paper ${values.paper}` });
    if (!unit) return say('cli.badOption', { option: `--unit ${values.unit}` });
    return { command, file, rig, loadout, date, ticket, listed: from === 'list', kind, out, paper, unit };
  } catch (error) {
    return say('cli.badOption', { option: error instanceof Error ? error.message : '' });
  }
}

/** The rig asked for by name, else the first; in the loadout asked for, else its own. */
function chosenRig(
  workspace: Workspace,
  options: Options,
  say: (key: string, named: Record<string, string>) => string,
): RigView | string {
  const { file } = options;
  const named = (list: readonly { readonly name: string }[]) => list.map((one) => one.name).join(', ');
  if (workspace.rigs.length === 0) return say('cli.noRig', { file });
  const rig = options.rig === undefined ? workspace.rigs[0] : workspace.rigs.find((one) => one.name === options.rig);
  if (!rig) return say('cli.noSuchRig', { file, name: options.rig ?? '', known: named(workspace.rigs) });
  const loadout = workspace.loadouts.find((one) => one.name === options.loadout);
  if (options.loadout !== undefined && !loadout) {
    return say('cli.noSuchLoadout', { file, name: options.loadout, known: named(workspace.loadouts) });
  }
  return viewRig(workspace, rig.id, loadout?.id) ?? say('cli.noRig', { file });
}
