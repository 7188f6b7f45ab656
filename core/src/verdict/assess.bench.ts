import { bench, describe } from 'vitest';
import { viewRig, type RigView } from '../loading/rigView.ts';
import { exampleView } from '../testing/examples.ts';
import { assess } from './assess.ts';

/** The Australian example with its load made up to 300 things, spread over every place it has. */
function loadedView(): RigView {
  const base = exampleView('australian-wagon-and-tandem');
  const spots = [base.vehicle, base.trailer].flatMap((body) =>
    (body?.places ?? []).map((place) => ({ body: body?.id ?? '', place: place.id })),
  );
  const things = Array.from({ length: 300 }, (_, n) => ({ id: `t${n}`, name: `Thing ${n}`, mass: 0.5 + (n % 7) / 10 }));
  const placements = things.map((thing, n) => ({ thing: thing.id, count: 1, ...spots[n % spots.length]! }));
  const view = viewRig(
    {
      format: 'wagonomos',
      version: 1,
      id: 'bench',
      name: 'bench',
      bodies: [base.vehicle, ...(base.trailer ? [base.trailer] : [])],
      rigs: [base.rig],
      things,
      loadouts: [{ ...base.loadout, placements }],
      situations: [base.situation],
    },
    base.rig.id,
  );
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
