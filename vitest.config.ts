import { defineConfig } from 'vitest/config';

/** A busy machine is no fault of the code: a time-out ends what hangs and judges nothing. */
const testTimeout = 180_000;

const node = (name: string, root: string, include: string[]) => ({
  test: { name, root, environment: 'node' as const, include, testTimeout },
});

export default defineConfig({
  test: {
    coverage: { provider: 'v8', include: ['*/src/**/*.{ts,vue}'], reporter: ['text-summary'] },
    projects: [
      node('core', 'core', ['src/**/*.test.ts']),
      node('papers', 'papers', ['src/**/*.test.ts']),
      node('cli', 'cli', ['src/**/*.test.ts']),
      node('server', 'server', ['src/**/*.test.ts']),
      node('tooling', 'scripts', ['**/*.test.ts']),
      'web/vitest.config.ts',
    ],
  },
});
