import { unpackRig } from '@wagonomos/core/files';
import { expose } from 'comlink';

/** A link of a few kilobytes may hold very much: it is unpacked and checked where nobody waits for it. */
const work = { unpackRig };
export type LinkWork = typeof work;
expose(work);
