import { mergeWorkspaces, readParsed } from '@wagonomos/core/files';
import { describe, expect, it } from 'vitest';
import { demoWorkspace } from './demo.ts';
import { demoFiles } from './demoFiles.ts';

describe('the demo', () => {
  it('holds files of today, each read as it stands, to the order of its fields', () => {
    expect(demoFiles.length).toBeGreaterThan(5);
    for (const file of demoFiles) {
      const read = readParsed(file);
      expect(read.ok && JSON.stringify(read.workspace)).toBe(JSON.stringify(file));
    }
  });

  it('is what merging its files comes to: no two of them share an id', async () => {
    expect(await demoWorkspace()).toEqual(
      demoFiles.slice(1).reduce(mergeWorkspaces, { ...demoFiles[0]!, id: 'yard', name: 'Yard' }),
    );
  });

  it('is a document that can be kept and read, with every rig under its own id', async () => {
    const demo = await demoWorkspace();
    expect(readParsed(JSON.parse(JSON.stringify(demo)))).toEqual({ ok: true, workspace: demo });
    expect(demo.rigs.map(({ id }) => id)).toEqual(demoFiles.flatMap(({ rigs }) => rigs.map(({ id }) => id)));
  });
});
