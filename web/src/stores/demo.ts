import { mergeWorkspaces, readParsed } from '@wagonomos/core/files';
import { emptyWorkspace, type Workspace } from '@wagonomos/core';

/** The invented rigs of the examples folder, as one document. */
export async function demoWorkspace(): Promise<Workspace> {
  const files = await Promise.all([
    import('../../../examples/australian-wagon-and-tandem.wagonomos.json'),
    import('../../../examples/british-van-with-scooter.wagonomos.json'),
    import('../../../examples/german-estate-and-caravan.wagonomos.json'),
    import('../../../examples/australian-ute-camper-and-boat.wagonomos.json'),
    import('../../../examples/pick-up-with-fifth-wheel.wagonomos.json'),
    import('../../../examples/second-hand-caravan-alone.wagonomos.json'),
    import('../../../examples/german-motorhome.wagonomos.json'),
  ]);
  return files.reduce(
    (all, file) => {
      const read = readParsed(file.default);
      return read.ok ? mergeWorkspaces(all, read.workspace) : all;
    },
    emptyWorkspace('yard', 'Yard'),
  );
}
