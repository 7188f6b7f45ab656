import { fileFormat, fileVersion } from './fileVersion.ts';
import type { Workspace } from './workspace.ts';

/** A document with nothing in it, of the version this app writes. */
export const emptyWorkspace = (id: string, name: string): Workspace => ({
  format: fileFormat,
  version: fileVersion,
  id,
  name,
  bodies: [],
  rigs: [],
  things: [],
  loadouts: [],
  situations: [],
  tickets: [],
  trips: [],
  quotes: [],
  cases: [],
});
