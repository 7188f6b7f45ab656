import { defineConfig } from 'vitest/config';

const node = (name: string, root: string, include: string[]) => ({
  test: { name, root, environment: 'node' as const, include },
});

export default defineConfig({
  test: {
    coverage: { provider: 'v8', include: ['*/src/**/*.{ts,vue}'], reporter: ['text-summary'] },
    projects: [
      node('core', 'core', ['src/**/*.test.ts']),
      node('cli', 'cli', ['src/**/*.test.ts']),
      node('server', 'server', ['src/**/*.test.ts']),
      node('tooling', 'scripts', ['**/*.test.ts']),
      'web/vitest.config.ts',
    ],
  },
});
