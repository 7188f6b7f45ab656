import { spawn } from 'node:child_process';

/** How a run of stages ended. @typedef {{ name: string, seconds: number | null, ok: boolean, why: string, text: string }} Result */

/**
 * Runs stages side by side, as many cores as they ask for and there are; one that waits for others runs only when all of them passed.
 * @param {readonly { name: string, command: readonly string[], cores: number, after?: readonly string[] }[]} stages in the order they are begun
 * @param {{ cores: number, said?: (stage: { name: string }, text: string) => void, ended?: (result: Result) => void, env?: NodeJS.ProcessEnv }} how
 * @returns {{ done: Promise<readonly Result[]>, stop: () => void }} stop ends all that runs, and whatever it started
 */
export function runStages(stages, { cores, said = () => {}, ended = () => {}, env = process.env }) {
  const waiting = [...stages];
  const results = new Map();
  const running = new Map();
  let stopped = false;
  let tell;
  const done = new Promise((resolve) => (tell = resolve));

  const names = stages.map(({ name }) => name);
  /** Of what a stage waits for, what is run at all: asked for by itself it takes what is there. */
  const needs = ({ name, after = [] }) =>
    names.filter((one) => one !== name && (after.includes('*') || after.includes(one)));
  const result = (stage, rest) => {
    const all = { name: stage.name, seconds: null, ok: false, why: '', text: '', ...rest };
    results.set(stage.name, all);
    ended(all);
  };

  function begin(stage) {
    const [command, ...args] = stage.command;
    const began = performance.now();
    // A group of its own, so that what it starts can be ended with it.
    const child = spawn(command, args, { env, detached: true, stdio: ['ignore', 'pipe', 'pipe'] });
    running.set(stage.name, { stage, child });
    let text = '';
    for (const stream of [child.stdout, child.stderr])
      stream.on('data', (data) => {
        text += data;
        said(stage, String(data));
      });
    const over = (why) => {
      if (!running.delete(stage.name)) return;
      result(stage, { seconds: (performance.now() - began) / 1000, ok: why === '', why, text });
      next();
    };
    child.on('error', (error) => over(error.message));
    child.on('close', (code, signal) => over(code === 0 ? '' : `ended with ${signal ?? code}`));
  }

  function next() {
    for (const stage of [...waiting]) {
      const asked = needs(stage);
      const failed = asked.find((name) => results.get(name)?.ok === false);
      if (stopped || failed !== undefined) {
        waiting.splice(waiting.indexOf(stage), 1);
        result(stage, { why: stopped ? 'not begun' : `not begun: ${failed} failed` });
        continue;
      }
      const busy = [...running.values()].reduce((sum, one) => sum + one.stage.cores, 0);
      if (!asked.every((name) => results.has(name)) || (busy > 0 && busy + stage.cores > cores)) continue;
      waiting.splice(waiting.indexOf(stage), 1);
      begin(stage);
    }
    if (waiting.length + running.size === 0) tell(stages.map(({ name }) => results.get(name)));
  }

  const stop = () => {
    stopped = true;
    for (const { child } of running.values()) {
      try {
        process.kill(-child.pid, 'SIGTERM');
      } catch {
        // It has ended meanwhile.
      }
    }
  };
  next();
  return { done, stop };
}

/** The table at the end: what each stage took, the longest first to be found by eye, and what did not pass. */
export function tableOf(results, seconds) {
  const wide = Math.max(...results.map(({ name }) => name.length));
  const took = (one) => (one.seconds === null ? '' : `${one.seconds.toFixed(0)} s`).padStart(7);
  const lines = results.map((one) => `  ${one.name.padEnd(wide)} ${took(one)}  ${one.ok ? 'passed' : one.why}`);
  return [...lines, `  ${'together'.padEnd(wide)} ${`${seconds.toFixed(0)} s`.padStart(7)}`].join('\n');
}
