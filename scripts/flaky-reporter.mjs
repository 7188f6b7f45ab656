import { mkdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

/** Where the names of journeys that passed only when tried again are left for the end of `npm test`. */
export const flakyFile = fileURLToPath(new URL('../test-results/flaky.json', import.meta.url));

/** Notes which journeys were flaky: a pass at the second try is no pass to be silent about. */
export default class FlakyReporter {
  onBegin(_config, suite) {
    this.suite = suite;
  }
  onEnd() {
    const flaky = this.suite.allTests().filter((test) => test.outcome() === 'flaky');
    mkdirSync(path.dirname(flakyFile), { recursive: true });
    writeFileSync(flakyFile, JSON.stringify(flaky.map((test) => test.titlePath().filter(Boolean).join(' › '))));
  }
  printsToStdio() {
    return false;
  }
}
