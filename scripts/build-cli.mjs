// The command line as one file of its own, words and rules in it; what makes papers comes in a second one, asked for by `report` alone.
import { chmodSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { build } from 'vite';

const root = fileURLToPath(new URL('..', import.meta.url));
await build({
  root: `${root}cli`,
  configFile: false,
  logLevel: 'warn',
  ssr: { noExternal: /^(?!pdfmake)/, external: ['pdfmake'] },
  build: {
    ssr: 'src/main.ts',
    outDir: 'dist',
    emptyOutDir: true,
    target: 'node20',
    minify: true,
    rolldownOptions: {
      onLog(level, log) {
        if (level === 'warn' && log.code !== 'PLUGIN_TIMINGS') throw new Error(`the build warns: ${log.message}`);
      },
      output: { entryFileNames: 'wagonomos.js', chunkFileNames: '[name].js' },
    },
  },
});
const built = `${root}cli/dist/wagonomos.js`;
writeFileSync(built, `#!/usr/bin/env node\n${readFileSync(built, 'utf8').replace(/^#!.*\n/, '')}`);
chmodSync(built, 0o755);
