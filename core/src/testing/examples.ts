import { readFileSync } from 'node:fs';
import { readWorkspace } from '../files/readWorkspace.ts';
import type { Workspace } from '../document/workspace.ts';
import { viewRig } from '../document/viewRig.ts';
import type { RigView } from '../loading/rigView.ts';

export const exampleNames = [
  'australian-wagon-and-tandem',
  'british-van-with-scooter',
  'german-estate-and-caravan',
  'australian-ute-camper-and-boat',
  'pick-up-with-fifth-wheel',
  'second-hand-caravan-alone',
  'german-motorhome',
] as const;
export type ExampleName = (typeof exampleNames)[number];

/** One of the files in `examples/`, read as any file is. */
export function exampleWorkspace(name: ExampleName): Workspace {
  const url = new URL(`../../../examples/${name}.wagonomos.json`, import.meta.url);
  const read = readWorkspace(readFileSync(url, 'utf8'));
  if (!read.ok) throw new Error(`${name}: ${JSON.stringify(read.problem)}`);
  return read.workspace;
}

export function exampleView(name: ExampleName): RigView {
  const workspace = exampleWorkspace(name);
  const view = viewRig(workspace, workspace.rigs[0]?.id ?? '');
  if (!view) throw new Error(`${name} has no rig`);
  return view;
}
