import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { onDay, regionOf, viewRig, type MassUnit, type RigView, type Workspace } from '@wagonomos/core';
import { readBytes } from '@wagonomos/core/files';
import { verdictFrom, type VerdictBasis } from '@wagonomos/core/weighing';
import { english } from '@wagonomos/locales';
import { paperEnglish } from '@wagonomos/locales/paper';
import type { PaperAsk } from '../ask.ts';
import { makePaper, type PaperKind } from '../makePaper.ts';
import { faces, type FaceName } from '../print/faces.ts';
import type { SheetSize } from '../print/paper.ts';
import { facesFor, printPaper } from '../print/printPaper.ts';
import type { Translate } from '../words/margin.ts';
import { paperWords } from '../words/paperWords.ts';
import { readPdf, type ReadPdf } from './readPdf.ts';

export const exampleNames = [
  'australian-wagon-and-tandem',
  'british-van-with-scooter',
  'german-estate-and-caravan',
  'australian-ute-camper-and-boat',
  'pick-up-with-fifth-wheel',
  'second-hand-caravan-alone',
  'german-motorhome',
] as const;

export const today = '2026-11-28';

/** The catalogue read as plainly as can be: gaps filled, the plural by its bars. */
const translate: Translate = (key, named = {}) => {
  const found = key.split('.').reduce<unknown>((node, part) => (node as Record<string, unknown> | undefined)?.[part], {
    ...english,
    ...paperEnglish,
  });
  if (typeof found !== 'string') throw new Error(`no word for ${key}`);
  const { count } = named;
  const forms = found.split(' | ');
  const few = forms.length === 3 ? [0, 1, 2] : [1, 0, 1];
  const form = typeof count === 'number' ? forms[few[Math.min(count, 2)] ?? 0] : forms[0];
  return (form ?? found).replaceAll(/\{(\w+)\}/g, (_whole, name: string) => String(named[name] ?? ''));
};

export function exampleFile(name: string): Workspace {
  const read = readBytes(readFileSync(new URL(`../../../examples/${name}.wagonomos.json`, import.meta.url)));
  if (!read.ok) throw new Error(`${name}: ${read.problem.code}`);
  return read.workspace;
}

interface Wish {
  readonly unit?: MassUnit;
  readonly size?: SheetSize;
  readonly basis?: VerdictBasis;
  readonly change?: (view: RigView) => RigView;
  readonly pictures?: ReadonlySet<string>;
  readonly platesUntil?: string;
}

/** What a paper is made from, for the first rig of a file. */
export function askOf(workspace: Workspace, wish: Wish = {}): PaperAsk {
  const {
    unit = 'kg',
    size = 'A4',
    basis = 'plan',
    change = (view) => view,
    pictures = new Set<string>(),
    platesUntil = null,
  } = wish;
  const rig = workspace.rigs[0]?.id ?? '';
  const found = viewRig(workspace, rig);
  if (!found) throw new Error('no rig');
  const view = change(onDay(found, today));
  const tickets = workspace.tickets.filter((one) => one.rig === rig);
  return {
    view,
    based: verdictFrom(view, tickets, basis),
    planAsked: basis === 'plan',
    platesUntil,
    tickets,
    cases: workspace.cases.filter((one) => one.rig === rig),
    words: paperWords(translate, view.situation.words, unit),
    abroad: paperWords(translate, regionOf(view.situation.travel.country), unit),
    size,
    today,
    pictures,
  };
}

const require = createRequire(import.meta.url);
const read = (name: FaceName) => new Uint8Array(readFileSync(require.resolve(faces[name])));

/** Makes a paper, prints it, and reads it back. */
export async function printed(
  kind: PaperKind,
  ask: PaperAsk,
  images: Readonly<Record<string, string>> = {},
): Promise<ReadPdf> {
  const paper = makePaper(kind, ask);
  if (!paper) throw new Error(`nothing to write on ${kind}`);
  const bytes = Object.fromEntries(facesFor(paper).map((name) => [name, read(name)]));
  return readPdf(await printPaper(paper, bytes, images));
}
