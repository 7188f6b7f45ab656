import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createApp } from './app.ts';

const dist = mkdtempSync(path.join(tmpdir(), 'wagonomos-dist-'));
mkdirSync(path.join(dist, 'assets'));
writeFileSync(path.join(dist, 'index.html'), '<!doctype html><title>app</title>');
writeFileSync(path.join(dist, 'sw.js'), 'self');
writeFileSync(path.join(dist, 'assets', 'main-abc.js'), 'x'.repeat(5000));
writeFileSync(path.join(dist, 'assets', 'packing.worker-abc.js'), 'x');
// As the build packs it: what is sent is the packed file.
writeFileSync(path.join(dist, 'assets', 'packing.worker-def.js.gz'), 'x');
writeFileSync(path.join(dist, 'assets', 'packing.worker-def.js'), 'x');

const server = createApp(dist).listen(0, '127.0.0.1');
let origin = '';
beforeAll(async () => {
  await new Promise((resolve) => (server.listening ? resolve(null) : server.once('listening', resolve)));
  origin = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});
afterAll(() => server.close());
const get = (url: string) => fetch(origin + url, { headers: { 'accept-encoding': 'gzip' } });

describe('the server', () => {
  it('answers every page of the app with its entry, never cached', async () => {
    for (const url of ['/', '/rig/tern/verdict']) {
      const response = await get(url);
      expect(response.status).toBe(200);
      expect(await response.text()).toContain('<title>app');
      expect(response.headers.get('cache-control')).toBe('no-cache');
    }
  });

  it('lets named files be kept for ever and the service worker not at all', async () => {
    const named = await get('/assets/main-abc.js');
    expect(named.headers.get('cache-control')).toContain('immutable');
    expect(named.headers.get('content-encoding')).toBe('gzip');
    const ahead = (await get('/sw.js')).headers;
    expect(ahead.get('cache-control')).toBe('no-cache');
    // It fetches a script by its name; everywhere else addresses of scripts go through one rule.
    expect(ahead.get('content-security-policy')).not.toContain('trusted-types');
    expect(ahead.get('content-security-policy')).toContain("script-src 'self'");
    expect((await get('/')).headers.get('content-security-policy')).toContain("require-trusted-types-for 'script'");
  });

  it('says that a missing file is missing, instead of sending the entry', async () => {
    expect((await get('/assets/old-123.js')).status).toBe(404);
    expect((await get('/api/nothing')).status).toBe(404);
  });

  it('reports its health', async () => {
    expect(await (await get('/api/health')).json()).toEqual({ ok: true, built: true });
  });

  it('sends security headers: own scripts only, no framing, no sniffing', async () => {
    const { headers } = await get('/');
    const policy = headers.get('content-security-policy') ?? '';
    expect(policy).toContain("script-src 'self';");
    expect(policy).toContain("frame-ancestors 'none'");
    expect(policy).toMatch(/style-src 'self'( 'sha256-[^']+')*;/);
    const permissions = headers.get('permissions-policy') ?? '';
    for (const none of ['camera=()', 'microphone=()', 'geolocation=()']) expect(permissions).toContain(none);
    expect(permissions).toContain('screen-wake-lock=(self)');
    expect(policy).toContain("object-src 'none'");
    expect(headers.get('x-content-type-options')).toBe('nosniff');
    expect(headers.get('x-powered-by')).toBeNull();
    expect(headers.get('strict-transport-security')).toBeNull();
  });

  it('lets compiled code run in the one worker that solves packings, and nowhere else', async () => {
    const policyOf = async (file: string) => (await get(file)).headers.get('content-security-policy') ?? '';
    expect(await policyOf('/assets/packing.worker-def.js')).toContain("'wasm-unsafe-eval'");
    const solver = await policyOf('/assets/packing.worker-abc.js');
    expect(solver).toContain("script-src 'self' 'wasm-unsafe-eval';");
    expect(solver).not.toContain("'unsafe-eval'");
    expect(solver).toContain("default-src 'self'");
    for (const other of ['/', '/assets/main-abc.js']) expect(await policyOf(other)).not.toContain('wasm');
  });

  it('fails without showing its insides', async () => {
    const response = await get('/%E0%A4%A');
    expect(response.status).toBe(400);
    expect(await response.text()).not.toContain('node_modules');
  });
});
