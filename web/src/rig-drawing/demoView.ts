import { viewRig, type RigView } from '@wagonomos/core';
import { readParsed } from '@wagonomos/core/files';
import australianWagon from '../../../examples/australian-wagon-and-tandem.wagonomos.json';

/** The first demo rig, for tests of what draws it. */
export function demoView(): RigView {
  const read = readParsed(australianWagon);
  const view = read.ok ? viewRig(read.workspace, read.workspace.rigs[0]?.id ?? '') : null;
  if (!view) throw new Error('the example should be readable');
  return view;
}
