import type { BalanceWork } from './balance.worker.ts';
import type { LinkWork } from './links.worker.ts';
import type { PackingWork } from './packing.worker.ts';
import type { PaperWork } from './paper.worker.ts';
import type { PictureWork } from './pictures.worker.ts';
import { worked } from './remote.ts';
import type { RoadWork } from './road.worker.ts';
import type { TableWork } from './tables.worker.ts';
import type { UprateWork } from './uprate.worker.ts';

/** Each is a worker of its own for whoever asks: it starts with the first question. */
export const balanceWorker = () =>
  worked<BalanceWork>(() => new Worker(new URL('./balance.worker.ts', import.meta.url), { type: 'module' }));
export const linkWorker = () =>
  worked<LinkWork>(() => new Worker(new URL('./links.worker.ts', import.meta.url), { type: 'module' }));
export const packingWorker = () =>
  worked<PackingWork>(() => new Worker(new URL('./packing.worker.ts', import.meta.url), { type: 'module' }));
export const paperWorker = () =>
  worked<PaperWork>(() => new Worker(new URL('./paper.worker.ts', import.meta.url), { type: 'module' }));
export const pictureWorker = () =>
  worked<PictureWork>(() => new Worker(new URL('./pictures.worker.ts', import.meta.url), { type: 'module' }));
export const roadWorker = () =>
  worked<RoadWork>(() => new Worker(new URL('./road.worker.ts', import.meta.url), { type: 'module' }));
export const tableWorker = () =>
  worked<TableWork>(() => new Worker(new URL('./tables.worker.ts', import.meta.url), { type: 'module' }));
export const uprateWorker = () =>
  worked<UprateWork>(() => new Worker(new URL('./uprate.worker.ts', import.meta.url), { type: 'module' }));
