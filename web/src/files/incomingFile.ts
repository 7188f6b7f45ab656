import type { Message, Workspace } from '@wagonomos/core';
import type { KeptFile } from '../workers/parcel.ts';

/** A file that was read and not yet taken in. */
export interface Incoming {
  readonly name: string;
  readonly document: Workspace;
  readonly files: readonly KeptFile[];
  readonly forged: number;
}

/** A file that cannot be used, and why. */
export interface Refused {
  readonly name: string;
  readonly lines: readonly Message[];
}
