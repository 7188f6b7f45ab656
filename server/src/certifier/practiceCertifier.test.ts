import type { AddressInfo } from 'node:net';
import express from 'express';
import { certifierAnswerSchema, type Certifier, type CertifierQuestion } from '@wagonomos/core/uprating';
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { certifierRoute } from './certifierRoute.ts';
import { offerFor, practiceCertifier } from './practiceCertifier.ts';

const asked = (
  wanted: CertifierQuestion['plated'],
  kinds: CertifierQuestion['sets'][number]['kinds'] = ['airSprings'],
) => ({
  name: 'set',
  kinds,
  wanted,
});
const question: CertifierQuestion = {
  of: 'vehicle',
  plated: [
    { limit: 'vehicleMax', value: 3300 },
    { limit: 'frontAxleMax', value: 1650 },
    { limit: 'rearAxleMax', value: 2060 },
  ],
  parts: [{ limit: 'rearAxleMax', value: 2240 }],
  sets: [
    asked([
      { limit: 'vehicleMax', value: 3583 },
      { limit: 'rearAxleMax', value: 2222 },
    ]),
  ],
};
const offer = (wanted: CertifierQuestion['plated'], kinds?: CertifierQuestion['sets'][number]['kinds']) =>
  offerFor(question, asked(wanted, kinds));

describe('the certifier stand-in', () => {
  it('would certify what the parts bear, rounded down, with conditions and a fee', () => {
    expect(question.sets.map((set) => offerFor(question, set))).toEqual([
      {
        kind: 'would',
        name: 'set',
        limits: [
          { limit: 'vehicleMax', value: 3580 },
          { limit: 'rearAxleMax', value: 2220 },
        ],
        conditions: ['inspection', 'partsList', 'weighbridge'],
        fee: 440,
      },
    ]);
  });

  it.each([
    ['aboveParts', [{ limit: 'rearAxleMax', value: 2300 }], undefined, 2240],
    ['axlesBelowTotal', [{ limit: 'vehicleMax', value: 3800 }], undefined, 3710],
    ['tooFar', [{ limit: 'frontAxleMax', value: 2000 }], undefined, 1980],
    ['notWithoutParts', [{ limit: 'rearAxleMax', value: 2100 }], ['paper'], undefined],
    ['nothingToChange', [{ limit: 'vehicleMax', value: 3300 }], undefined, undefined],
  ] as const)('refuses for a reason: %s', (reason, wanted, kinds, most) => {
    const found = offer([...wanted], kinds ? [...kinds] : undefined);
    expect(found).toMatchObject({ kind: 'refused', reason });
    expect(found.kind === 'refused' ? found.most : 0).toBe(most);
  });

  it('never goes above a part, nor above what was asked', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2000, max: 2600 }), fc.integer({ min: 2000, max: 2600 }), (value, part) => {
        const found = offerFor(
          { ...question, parts: [{ limit: 'rearAxleMax', value: part }] },
          asked([{ limit: 'rearAxleMax', value }]),
        );
        if (found.kind === 'would') {
          expect(found.limits[0]?.value).toBeLessThanOrEqual(Math.min(value, part));
        } else expect(value > part || value > 2060 * 1.2 || value === 2060).toBe(true);
      }),
    );
  });
});

describe('asking over the network', () => {
  const broken: Certifier = { simulation: false, answer: () => Promise.reject(new Error('gone home')) };
  const app = express();
  app.use('/ask', certifierRoute(practiceCertifier(1500)));
  app.use('/broken', certifierRoute(broken));
  const server = app.listen(0, '127.0.0.1');
  let origin = '';
  beforeAll(async () => {
    await new Promise((resolve) => (server.listening ? resolve(null) : server.once('listening', resolve)));
    origin = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  });
  afterAll(() => server.close());
  const ask = (where: string, body: unknown) =>
    fetch(origin + where, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: typeof body === 'string' ? body : JSON.stringify(body),
    });

  it('takes a while, then answers once, as a simulation', async () => {
    const started = await ask('/ask', question);
    expect(started.status).toBe(202);
    const { id, simulation } = (await started.json()) as { id: string; simulation: boolean };
    expect(simulation).toBe(true);
    expect((await fetch(`${origin}/ask/${id}`)).status).toBe(202);
    let response = await fetch(`${origin}/ask/${id}`);
    while (response.status === 202) {
      await new Promise((resolve) => setTimeout(resolve, 15));
      response = await fetch(`${origin}/ask/${id}`);
    }
    const answer = certifierAnswerSchema.parse(await response.json());
    expect(answer.simulation).toBe(true);
    expect(answer.offers).toHaveLength(1);
    expect((await fetch(`${origin}/ask/${id}`)).status).toBe(404);
  });

  it('refuses what is no question, and forgets one whose certifier fails', async () => {
    expect((await ask('/ask', { of: 'boat' })).status).toBe(400);
    expect((await ask('/ask', '{')).status).toBe(400);
    expect((await ask('/ask', { ...question, note: 'x'.repeat(70_000) })).status).toBe(413);
    const { id } = (await (await ask('/broken', question)).json()) as { id: string };
    expect((await fetch(`${origin}/broken/${id}`)).status).toBe(404);
  });
});
