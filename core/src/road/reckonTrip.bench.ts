import { bench, describe } from 'vitest';
import { exampleView } from '../testing/examples.ts';
import { reckonTrip } from './reckonTrip.ts';
import type { Section } from './trip.ts';
import { leastOnTheRoad } from './worstMoment.ts';

const view = exampleView('australian-wagon-and-tandem');
const kinds: readonly ((id: string) => Section)[] = [
  (id) => ({ id, kind: 'drive', km: 40 }),
  (id) => ({ id, kind: 'nights', nights: 1 }),
  (id) => ({ id, kind: 'tank', body: 'saltbush-19', tank: 'grey', fraction: 0 }),
];
const plan = Array.from({ length: 60 }, (_, n): Section => kinds[n % 3]!(`p${n}`));
let sink = 0;

describe('a trip of sixty parts', () => {
  bench('every check at every moment', () => {
    sink += reckonTrip(view, {}, plan).moments.length;
  });

  bench('the same with the worst moment of every limit and its ±', () => {
    sink += leastOnTheRoad(reckonTrip(view, {}, plan)).length;
  });
});

process.on('exit', () => sink < 0 && console.log(sink));
