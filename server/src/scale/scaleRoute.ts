import { Router } from 'express';
import { z } from 'zod';
import { practiceLine } from './practiceScale.ts';

/** ms */
const tickEvery = 100;
/** A stream nobody closed ends by itself, s. */
const longest = 600;
const mostStreams = 20;

const asked = z.object({
  /** kg, one after another, with commas between. */
  loads: z
    .string()
    .transform((text) => text.split(',').map(Number))
    .pipe(z.array(z.number().min(0).max(60_000)).min(1).max(8)),
  graduation: z.coerce.number().min(0.1).max(100).default(20),
  seed: z.coerce.number().int().min(0).max(1_000_000).default(1),
});

/**
 * The practice scale: a stream of events, each a piece of text as it might come from the wire of an indicator, cut anywhere.
 * `GET /?loads=980,1420&graduation=20`. A simulation for demo, training and tests; it says so in every line.
 */
export function scaleRoute(): Router {
  const router = Router();
  let open = 0;
  router.get('/', (request, response) => {
    const scene = asked.safeParse(request.query);
    if (!scene.success)
      return void response.status(400).json({ error: 'loads: 1 to 8 masses in kg, with commas between' });
    if (open >= mostStreams) return void response.status(503).json({ error: 'all practice scales are in use' });
    open += 1;
    response.writeHead(200, {
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-store',
      'X-Accel-Buffering': 'no',
    });
    let tick = 0;
    let wire = '';
    const timer = setInterval(() => {
      wire += `${practiceLine({ ...scene.data, capacity: 50_000 }, tick)}\r\n`;
      // The wire knows no lines: a piece ends where it ends.
      const cut = tick % 3 === 0 ? Math.ceil(wire.length / 2) : wire.length;
      response.write(`data: ${JSON.stringify(wire.slice(0, cut))}\n\n`);
      response.flush();
      wire = wire.slice(cut);
      tick += 1;
      if (tick * tickEvery > longest * 1000) response.end();
    }, tickEvery);
    response.on('close', () => {
      clearInterval(timer);
      open -= 1;
    });
  });
  return router;
}
