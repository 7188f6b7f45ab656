import { Router } from 'express';
import { z } from 'zod';
import { practiceLine } from './practiceScale.ts';

/** ms */
const tickEvery = 100;
/** A stream nobody closed ends by itself, s. */
const longest = 600;
const mostStreams = 20;

/** A number as people write it: no blank for 0, no other base, no powers. */
const decimal = z
  .string()
  .regex(/^\d{1,7}(?:\.\d{1,3})?$/)
  .transform(Number);

const asked = z.object({
  /** kg, one after another, with commas between. */
  loads: z
    .string()
    .regex(/^\d{1,5}(?:\.\d{1,3})?(?:,\d{1,5}(?:\.\d{1,3})?)*$/)
    .transform((text) => text.split(',').map(Number))
    .pipe(z.array(z.number().min(0).max(60_000)).min(1).max(8)),
  graduation: decimal.pipe(z.number().min(0.1).max(100)).default(20),
  seed: decimal.pipe(z.number().int().min(0).max(1_000_000)).default(1),
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
