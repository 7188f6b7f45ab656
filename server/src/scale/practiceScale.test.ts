import { tmpdir } from 'node:os';
import path from 'node:path';
import type { AddressInfo } from 'node:net';
import { hearScale, silentScale, type ScaleWord } from '@wagonomos/core/weighing';
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createApp } from '../app.ts';
import { practiceLine, type Scene } from './practiceScale.ts';

const scene: Scene = { loads: [980, 1420], graduation: 20, seed: 3, capacity: 50_000 };
const heard = (lines: readonly string[]): readonly ScaleWord[] =>
  hearScale(silentScale, `${lines.join('\r\n')}\r\n`).words;
const whole = (of: Scene, ticks: number) => Array.from({ length: ticks }, (_, tick) => practiceLine(of, tick));

describe('the practice scale', () => {
  it('rolls on, swings out and rests on each load in its turn, in steps of the scale', () => {
    const words = heard(whole(scene, 130));
    expect(words).toHaveLength(130);
    const rests = words.flatMap((one) => (one.kind === 'shows' && one.steady ? [one.kg] : []));
    expect([...new Set(rests)]).toEqual([980, 1420]);
    expect(words.every((one) => one.kind === 'shows' && one.kg % 20 === 0)).toBe(true);
  });

  it('rests within a step of what stands on it, whatever that is', () => {
    fc.assert(
      fc.property(fc.integer({ min: 40, max: 4000 }), fc.constantFrom(1, 5, 10, 20), (load, graduation) => {
        const words = heard(whole({ ...scene, loads: [load], graduation }, 65));
        const rests = words.flatMap((one) => (one.kind === 'shows' && one.steady ? [one.kg] : []));
        expect(rests.length).toBeGreaterThan(10);
        expect(Math.max(...rests.map((kg) => Math.abs(kg - load)))).toBeLessThanOrEqual(graduation / 2 + 2);
      }),
    );
  });

  it('says that it is practice in every line, and what is too heavy', () => {
    expect(whole(scene, 65).every((line) => line.startsWith('practice '))).toBe(true);
    expect(heard([practiceLine({ ...scene, loads: [900], capacity: 500 }, 30)])).toEqual([{ kind: 'tooHeavy' }]);
  });
});

describe('its stream', () => {
  const server = createApp(path.join(tmpdir(), 'no-built-app')).listen(0, '127.0.0.1');
  let origin = '';
  beforeAll(async () => {
    await new Promise((resolve) => (server.listening ? resolve(null) : server.once('listening', resolve)));
    origin = `http://127.0.0.1:${(server.address() as AddressInfo).port}/api/practice-scale`;
  });
  afterAll(() => {
    server.closeAllConnections();
    server.close();
  });

  it('comes in pieces cut anywhere, which the reader puts together', async () => {
    const stop = new AbortController();
    const response = await fetch(`${origin}?loads=980&graduation=20`, { signal: stop.signal });
    expect(response.headers.get('content-type')).toContain('text/event-stream');
    let state = silentScale;
    const words: ScaleWord[] = [];
    const text = new TextDecoder();
    let events = '';
    for await (const chunk of response.body ?? []) {
      events += text.decode(chunk as Uint8Array, { stream: true });
      const parts = events.split('\n\n');
      events = parts.pop() ?? '';
      for (const part of parts) {
        const step = hearScale(state, JSON.parse(part.replace('data: ', '')) as string);
        state = step.state;
        words.push(...step.words);
      }
      if (words.length >= 4) break;
    }
    stop.abort();
    expect(words.every((one) => one.kind === 'shows')).toBe(true);
  });

  it('refuses what is no list of masses, and says what is wanted', async () => {
    const odd = [
      '',
      'abc',
      '-5',
      '1,2,3,4,5,6,7,8,9',
      ',',
      '900,',
      ',900',
      '0x10',
      '1e3',
      ' 900',
      '9%20',
      '900&graduation=0',
    ];
    const more = ['900&graduation=0x10', '900&graduation=', '900&seed=1e3', '900&loads=800'];
    for (const query of ['', ...[...odd, ...more].map((loads) => `?loads=${loads}`)]) {
      const response = await fetch(origin + query);
      expect(response.status, query).toBe(400);
      expect(await response.text()).toContain('masses in kg');
    }
  });
});
