import { assess, localDay, regionOf } from '@wagonomos/core';
import { assessTicket } from '@wagonomos/core/weighing';
import { exitCode, report, reportText } from '@wagonomos/papers/out';
import { readAsked, type CliResult } from './asked.ts';
import { speech } from './speech.ts';

/**
 * `check FILE [--rig NAME] [--loadout NAME] [--from list] [--ticket NAME] [--date YYYY-MM-DD]`: the verdict as one JSON
 * object, from all that is known, from the list alone or from one slip alone.
 * @param today the day the rules are asked for where neither the option nor the file says one, ISO 8601
 * @returns exit code 2 when the file or the options cannot be used, else 1, 3 or 0 as `exitCode` says
 */
export function runCheck(args: readonly string[], today = localDay(new Date())): CliResult {
  const asked = readAsked(args, today);
  if ('error' in asked) return asked;
  const { view, ticket } = asked;
  const assessment = ticket ? assessTicket(view, ticket) : assess(view);
  const region = regionOf(view.situation.vehicle.country);
  return {
    code: exitCode(assessment),
    out: reportText(report(assessment, region, speech(view.situation.words), ticket?.name)),
    error: '',
  };
}
