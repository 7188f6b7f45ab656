/** A program of a package, as its own process. */
export const bin = (name, ...args) => ['npx', '--no-install', name, ...args];

/**
 * What `npm test` does, and in which order: each check, how many cores it keeps busy, and what it waits for. What costs little is
 * tried first, so that what can fail at once does.
 */
export const stages = [
  { name: 'machine', command: ['node', 'scripts/check-machine.mjs'], cores: 1 },
  { name: 'words', command: ['node', 'scripts/check-words.mjs'], cores: 1 },
  { name: 'build', command: ['node', 'scripts/bootstrap.mjs', 'build', 'cli'], cores: 1 },
  {
    name: 'lint',
    command: bin('eslint', '.', '--cache', '--cache-location', 'node_modules/.cache/eslint/'),
    cores: 1,
  },
  { name: 'types', command: ['npm', 'run', '--silent', 'typecheck'], cores: 1 },
  { name: 'format', command: bin('prettier', '--check', '.', '--log-level', 'warn'), cores: 1 },
  { name: 'arch', command: ['npm', 'run', '--silent', 'arch'], cores: 1 },
  { name: 'knip', command: ['npm', 'run', '--silent', 'knip'], cores: 1 },
  { name: 'licences', command: ['node', 'scripts/check-licences.mjs'], cores: 1 },
  { name: 'budget', command: ['node', 'scripts/check-budget.mjs'], cores: 1, after: ['build'] },
  ...Object.entries({
    core: ['core', 'core-mocking'],
    papers: ['papers'],
    web: ['web'],
    rest: ['cli', 'server', 'tooling'],
  }).map(([name, projects]) => ({
    name: `unit: ${name}`,
    command: bin('vitest', 'run', '--reporter', 'dot', ...projects.flatMap((one) => ['--project', one])),
    cores: 1,
  })),
  {
    name: 'journeys',
    command: bin('playwright', 'test'),
    cores: 2,
    after: ['*'],
  },
];
