// What can fail at once is tried at once: a port, the browser, room on the disk. A quarter of an hour later is too late to say so.
import { spawnSync } from 'node:child_process';
import { existsSync, statfsSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';

const faults = [];
await new Promise((resolve) => {
  const server = createServer();
  server.on('error', (error) => {
    faults.push(`no port can be had on 127.0.0.1: ${error.message}`);
    resolve();
  });
  server.listen(0, '127.0.0.1', () => server.close(resolve));
});
const browser = process.env.CHROMIUM_PATH ?? '/usr/bin/chromium';
if (!existsSync(browser))
  faults.push(`no Chromium at ${browser}: npm test installs it, or CHROMIUM_PATH says where it is`);
else {
  const { status, stderr } = spawnSync(browser, ['--version', '--no-sandbox'], { encoding: 'utf8', timeout: 60_000 });
  if (status !== 0) faults.push(`${browser} does not start: ${stderr.trim()}`);
}
const least = 1e9;
for (const place of [tmpdir(), '.']) {
  const { bavail, bsize } = statfsSync(place);
  if (bavail * bsize < least)
    faults.push(`${place} has ${Math.round((bavail * bsize) / 1e6)} MB left, and ${least / 1e6} are needed`);
}
for (const fault of faults) console.error(fault);
process.exitCode = faults.length > 0 ? 1 : 0;
