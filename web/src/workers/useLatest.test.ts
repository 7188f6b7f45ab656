import type { Remote } from 'comlink';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, type EffectScope } from 'vue';
import type { WorkerClient } from './remote.ts';
import { useLatest } from './useLatest.ts';

interface Sums {
  add: (a: number) => number;
}

/** A worker whose answers come when the test says so. */
function slowWorker() {
  const waiting: ((answer: number | null) => void)[] = [];
  const end = vi.fn();
  const worker: WorkerClient<Sums> = { ask: async (question) => question({} as Remote<Sums>), end };
  const question = () => new Promise<number | null>((resolve) => waiting.push(resolve));
  return { worker, end, question, answer: (at: number, value: number | null) => waiting[at]?.(value) };
}

let scope: EffectScope;
beforeEach(() => {
  scope = effectScope();
});
afterEach(() => {
  scope.stop();
  vi.useRealTimers();
});
const latestOf = (worker: WorkerClient<Sums>) => {
  const latest = scope.run(() => useLatest<Sums, number>(worker));
  if (!latest) throw new Error('the scope has ended');
  return latest;
};

describe('questions of which only the last counts', () => {
  it('answers the last one, whatever an earlier one still brings or tells', async () => {
    const { worker, end, question, answer } = slowWorker();
    const latest = latestOf(worker);
    const told: number[] = [];
    let early: (share: number) => void = () => undefined;
    const first = latest.ask((_api, heard) => {
      early = heard((share: number) => told.push(share));
      return question();
    });
    early(1);
    const second = latest.ask(question);
    expect(end).toHaveBeenCalledTimes(1);
    early(2);
    answer(1, 22);
    answer(0, 11);
    await Promise.all([first, second]);
    expect([latest.answer.value, latest.state.value, told]).toEqual([22, 'answered', [1]]);
  });

  it('keep what was answered until there is another answer, where that is asked for', async () => {
    const { worker, question, answer } = slowWorker();
    const latest = latestOf(worker);
    const first = latest.ask(question);
    answer(0, 11);
    await first;
    void latest.ask(question, { keeps: true });
    expect([latest.answer.value, latest.state.value]).toEqual([11, 'asking']);
    void latest.ask(question);
    expect(latest.answer.value).toBeNull();
  });

  it('are broken where nobody answers, and idle where there is nothing to ask', async () => {
    const { worker, question, answer } = slowWorker();
    const latest = latestOf(worker);
    const asked = latest.ask(question);
    answer(0, null);
    await asked;
    expect(latest.state.value).toBe('broken');
    await latest.ask(() => Promise.reject(new Error('lost')));
    expect(latest.state.value).toBe('broken');
    await latest.ask(null);
    expect([latest.state.value, latest.answer.value]).toEqual(['idle', null]);
  });

  it('stop with what was told by then, and end the worker that was at it', async () => {
    const { worker, end, question, answer } = slowWorker();
    const latest = latestOf(worker);
    const asked = latest.ask((_api, heard) => {
      heard((better: number) => {
        latest.answer.value = better;
      })(7);
      return question();
    });
    latest.stop();
    answer(0, 9);
    await asked;
    expect([latest.answer.value, latest.state.value, end.mock.calls.length]).toEqual([7, 'stopped', 1]);
  });

  it('are answered by what is said for the late one, once nobody waits any more', async () => {
    vi.useFakeTimers();
    const { worker, end, question, answer } = slowWorker();
    const latest = latestOf(worker);
    const asked = latest.ask(question, { within: { ms: 500, late: (by) => by ?? -1 } });
    await vi.advanceTimersByTimeAsync(501);
    await asked;
    answer(0, 9);
    expect([latest.answer.value, latest.state.value, end.mock.calls.length]).toEqual([-1, 'answered', 1]);
  });

  it('end with whoever asks', async () => {
    const { worker, end, question, answer } = slowWorker();
    const latest = latestOf(worker);
    const asked = latest.ask(question);
    scope.stop();
    answer(0, 9);
    await asked;
    expect([latest.answer.value, end.mock.calls.length]).toEqual([null, 1]);
  });
});
