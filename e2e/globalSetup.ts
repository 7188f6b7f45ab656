import { once } from 'node:events';
import { fileURLToPath } from 'node:url';
import { createApp } from '../server/src/app.ts';

/**
 * The built app, served for the journeys by their own process on a port of the system's choosing: nothing that runs here already is in
 * the way, and the server ends with whoever asked for it, however that ends.
 */
export default async function serveBuiltApp(): Promise<() => void> {
  const server = createApp(fileURLToPath(new URL('../web/dist', import.meta.url))).listen(0, '127.0.0.1');
  await once(server, 'listening');
  const address = server.address();
  if (typeof address !== 'object' || address === null) throw new Error('a server that listens has a port');
  process.env['JOURNEYS_URL'] = `http://127.0.0.1:${address.port}`;
  return () => {
    server.close();
    server.closeAllConnections();
  };
}
