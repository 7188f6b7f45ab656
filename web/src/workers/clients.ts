import type { BalanceWork } from './balance.worker.ts';
import type { LinkWork } from './links.worker.ts';
import type { PackingWork } from './packing.worker.ts';
import type { PaperWork } from './paper.worker.ts';
import type { PictureWork } from './pictures.worker.ts';
import { workerClient } from './remote.ts';
import type { RoadWork } from './road.worker.ts';
import type { TableWork } from './tables.worker.ts';
import type { UprateWork } from './uprate.worker.ts';

/** Each is a worker of its own for whoever asks: it starts with the first question. */
export const balanceWorker = () =>
  workerClient<BalanceWork>(() => new Worker(new URL('./balance.worker.ts', import.meta.url), { type: 'module' }));
export const linkWorker = () =>
  workerClient<LinkWork>(() => new Worker(new URL('./links.worker.ts', import.meta.url), { type: 'module' }));
export const packingWorker = () =>
  workerClient<PackingWork>(() => new Worker(new URL('./packing.worker.ts', import.meta.url), { type: 'module' }));
export const paperWorker = () =>
  workerClient<PaperWork>(() => new Worker(new URL('./paper.worker.ts', import.meta.url), { type: 'module' }));
export const pictureWorker = () =>
  workerClient<PictureWork>(() => new Worker(new URL('./pictures.worker.ts', import.meta.url), { type: 'module' }));
export const roadWorker = () =>
  workerClient<RoadWork>(() => new Worker(new URL('./road.worker.ts', import.meta.url), { type: 'module' }));
export const tableWorker = () =>
  workerClient<TableWork>(() => new Worker(new URL('./tables.worker.ts', import.meta.url), { type: 'module' }));
export const uprateWorker = () =>
  workerClient<UprateWork>(() => new Worker(new URL('./uprate.worker.ts', import.meta.url), { type: 'module' }));
