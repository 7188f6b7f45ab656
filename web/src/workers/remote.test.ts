import { describe, expect, it, vi } from 'vitest';
import { onWorkerLost, WorkerLost, workerClient } from './remote.ts';

/** A worker that never loads. */
function deadWorker() {
  const terminate = vi.fn();
  const worker = Object.assign(new EventTarget(), { postMessage: vi.fn(), terminate, onerror: null, start: vi.fn() });
  return worker as unknown as Worker;
}

describe('a worker that cannot be loaded', () => {
  it('answers everybody who waits, tells it once, and is started anew by the next question', async () => {
    const started: Worker[] = [];
    const told = vi.fn();
    onWorkerLost(told);
    const remote = workerClient<{ add: (a: number) => number }>(() => {
      started.push(deadWorker());
      return started.at(-1)!;
    });
    const asked = [1, 2].map((n) => remote.ask((api) => api.add(n)));
    started[0]?.onerror?.(new ErrorEvent('error'));
    for (const one of asked) await expect(one).rejects.toBeInstanceOf(WorkerLost);
    expect(told).toHaveBeenCalledTimes(1);
    const again = remote.ask((api) => api.add(3));
    expect(started).toHaveLength(2);
    remote.end();
    await expect(again).rejects.toBeInstanceOf(WorkerLost);
    expect(told).toHaveBeenCalledTimes(1);
  });
});
