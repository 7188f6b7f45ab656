import { randomUUID } from 'node:crypto';
import express, { Router } from 'express';
import { certifierQuestionSchema, type Certifier, type CertifierAnswer } from '@wagonomos/core/uprating';

const mostWaiting = 50;
/** An answer nobody fetches is forgotten, ms. */
const keptFor = 120_000;

interface Waiting {
  readonly answer: CertifierAnswer | null;
}

/**
 * Asks a certifier, whoever it is: `POST /` with the figures of a vehicle starts a question and names it, `GET /<id>` has the
 * answer once there is one (202 before). The answer says itself whether it is a simulation.
 */
export function certifierRoute(certifier: Certifier): Router {
  const router = Router();
  const waiting = new Map<string, Waiting>();
  router.use(express.json({ limit: '64kb' }));
  router.post('/', (request, response) => {
    const question = certifierQuestionSchema.safeParse(request.body);
    if (!question.success) return void response.status(400).json({ error: 'not a question with figures and sets' });
    if (waiting.size >= mostWaiting) return void response.status(503).json({ error: 'too many questions at a time' });
    const id = randomUUID();
    waiting.set(id, { answer: null });
    void certifier.answer(question.data).then(
      (answer) => {
        waiting.set(id, { answer });
        setTimeout(() => waiting.delete(id), keptFor).unref();
      },
      () => waiting.delete(id),
    );
    return void response.status(202).json({ id, simulation: certifier.simulation });
  });
  router.get('/:id', (request, response) => {
    const found = waiting.get(request.params.id);
    if (!found) return void response.status(404).json({ error: 'no such question' });
    if (!found.answer) return void response.status(202).json({ waiting: true });
    waiting.delete(request.params.id);
    return void response.set('Cache-Control', 'no-store').json(found.answer);
  });
  return router;
}
