import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { fileProblemMessages, readBytes } from '@wagonomos/core/files';
import {
  assess,
  isDay,
  localDay,
  onDay,
  plainText,
  regionOf,
  viewRig,
  type RigView,
  type Workspace,
} from '@wagonomos/core';
import { assessTicket } from '@wagonomos/core/weighing';
import { exitCode, report, reportText } from './report.ts';
import { speech } from './speech.ts';

export interface CliResult {
  readonly code: number;
  readonly out: string;
  readonly error: string;
}

const misuse = (error: string): CliResult => ({ code: 2, out: '', error });

/**
 * `check FILE [--rig NAME] [--loadout NAME] [--ticket NAME] [--date YYYY-MM-DD]`: the verdict as one JSON
 * object, from the plan or from what was weighed.
 * @param today the day the rules are asked for where neither the option nor the file says one, ISO 8601
 * @returns exit code 2 when the file or the options cannot be used, else 1, 3 or 0 as `exitCode` says
 */
export function runCli(args: readonly string[], today = localDay(new Date())): CliResult {
  const say = speech('uk').translate;
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
  const asked = options.date === undefined ? view : { ...view, situation: { ...situation, date: options.date } };
  const ticket = read.workspace.tickets.find((one) => one.rig === view.rig.id && one.name === options.ticket);
  if (options.ticket !== undefined && !ticket) return misuse(say('cli.noSuchTicket', { file, name: options.ticket }));
  const assessment = ticket ? assessTicket(onDay(asked, today), ticket) : assess(onDay(asked, today));
  const words = speech(view.situation.words);
  return {
    code: exitCode(assessment),
    out: reportText(report(assessment, regionOf(view.situation.vehicle.country), words, ticket?.name)),
    error: '',
  };
}

interface Options {
  readonly file: string;
  readonly rig: string | undefined;
  readonly loadout: string | undefined;
  readonly date: string | undefined;
  readonly ticket: string | undefined;
}

function readOptions(args: readonly string[]): Options | string {
  const say = speech('uk').translate;
  try {
    const { values, positionals } = parseArgs({
      args: [...args],
      allowPositionals: true,
      options: {
        rig: { type: 'string' },
        loadout: { type: 'string' },
        date: { type: 'string' },
        ticket: { type: 'string' },
      },
    });
    const [command, file, ...more] = positionals;
    if (command !== 'check' || file === undefined || more.length > 0) {
      return say('cli.badOption', { option: positionals.join(' ') || '—' });
    }
    const { rig, loadout, date, ticket } = values;
    if (date !== undefined && !isDay(date)) return say('cli.badDate', { date });
    return { file, rig, loadout, date, ticket };
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
