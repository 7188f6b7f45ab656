import { bench, describe } from 'vitest';
import { viewRig } from '../document/viewRig.ts';
import type { RigView } from '../loading/rigView.ts';
import { exampleWorkspace } from '../testing/examples.ts';
import { assess } from './assess.ts';

/** The Australian example with 300 things instead of its own, spread over every place it has. */
function loadedView(): RigView {
  const base = exampleWorkspace('australian-wagon-and-tandem');
  const spots = base.bodies.flatMap((body) => body.places.map((place) => ({ body: body.id, place: place.id })));
  const things = Array.from({ length: 300 }, (_, n) => ({ id: `t${n}`, name: `Thing ${n}`, mass: 0.5 + (n % 7) / 10 }));
  const placements = things.map((thing, n) => ({ thing: thing.id, count: 1, ...spots[n % spots.length]! }));
  const loadouts = base.loadouts.map((loadout) => ({ ...loadout, placements }));
  const view = viewRig({ ...base, things, loadouts }, base.rigs[0]?.id ?? '');
  if (!view) throw new Error('the bench needs its rig');
  return view;
}

const view = loadedView();
const masses = [...view.things.values()].map((thing) => thing.mass);
let sink = 0;

describe('one full evaluation of a rig with 300 things', () => {
  bench('a bare loop that only sums the 300 masses', () => {
    let sum = 0;
    for (const mass of masses) sum += mass;
    sink += sum;
  });

  bench('compile, every check, the verdict and its sentence', () => {
    sink += assess(view).checks.length;
  });
});

process.on('exit', () => sink < 0 && console.log(sink));
