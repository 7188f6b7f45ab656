import { defineConfig } from 'vitest/config';

/** A busy machine is no fault of the code: a time-out ends what hangs and judges nothing. */
const testTimeout = 180_000;

/** Tests that put a module of their own in another's place: each has a world of its own. */
const mocking = ['src/rulebook/exampleRule.test.ts', 'src/rulebook/datedMatrix.test.ts'];

/** Without a window, and without state of their own: files share one world, and what they import is read once. */
const node = (name: string, root: string, include: string[], more: object = {}) => ({
  test: { name, root, environment: 'node' as const, include, testTimeout, isolate: false, ...more },
});

export default defineConfig({
  test: {
    coverage: { provider: 'v8', include: ['*/src/**/*.{ts,vue}'], reporter: ['text-summary'] },
    projects: [
      node('core', 'core', ['src/**/*.test.ts'], { exclude: mocking }),
      node('core-mocking', 'core', mocking, { isolate: true }),
      node('papers', 'papers', ['src/**/*.test.ts']),
      node('cli', 'cli', ['src/**/*.test.ts']),
      node('server', 'server', ['src/**/*.test.ts']),
      node('tooling', 'scripts', ['**/*.test.ts']),
      'web/vitest.config.ts',
    ],
  },
});
