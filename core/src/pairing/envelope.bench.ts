import { bench, describe } from 'vitest';
import { exampleView } from '../testing/examples.ts';
import { envelope } from './envelope.ts';
import { pairingStart } from './pairingStart.ts';

describe('the region of one pair, with the share on the ball in doubt', () => {
  const view = exampleView('australian-wagon-and-tandem');
  const start = pairingStart(view);
  const [spot] = start.spots;
  bench('with its three judgements', () => {
    envelope(view, {
      ballShare: start.ballShare,
      plusMinus: start.plusMinus,
      x: spot?.x ?? null,
      place: spot?.place ?? undefined,
      leastLoad: -(spot?.holds ?? 0),
    });
  });
});
