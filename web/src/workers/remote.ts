import { wrap, type Remote } from 'comlink';

/** The worker could not be loaded or broke off: nobody will answer. */
export class WorkerLost extends Error {}

/** What is told when a worker cannot be loaded: the app on the server may be another one by now. */
let lost: () => void = () => undefined;
export const onWorkerLost = (tell: () => void): void => {
  lost = tell;
};

/** Work away from the page. */
export interface WorkerClient<Api> {
  /** Asks the worker, which is started with the first question. Rejects with `WorkerLost` where it cannot answer. */
  readonly ask: <Answer>(question: (api: Remote<Api>) => Promise<Answer>) => Promise<Answer>;
  /** Ends it, whatever it is at; who waits is told. The next question starts it anew. */
  readonly end: () => void;
}

export function workerClient<Api>(start: () => Worker): WorkerClient<Api> {
  let running: { readonly worker: Worker; readonly api: Remote<Api>; readonly gone: Promise<never> } | undefined;
  let giveUp: (reason: WorkerLost) => void = () => undefined;
  const end = () => {
    running?.worker.terminate();
    running = undefined;
    giveUp(new WorkerLost());
  };
  const run = () => {
    const worker = start();
    const gone = new Promise<never>((_resolve, reject) => {
      giveUp = reject;
      worker.onerror = () => {
        end();
        lost();
      };
    });
    // Nobody may be waiting when it ends.
    gone.catch(() => undefined);
    return { worker, api: wrap<Api>(worker), gone };
  };
  return {
    ask: async (question) => {
      running ??= run();
      return Promise.race([question(running.api), running.gone]);
    },
    end,
  };
}
