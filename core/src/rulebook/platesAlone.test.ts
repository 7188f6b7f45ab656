import { describe, expect, it } from 'vitest';
import { lexicon } from '../testing/words.ts';
import { breaksLaw, mayBreakLaw } from '../checks/check.ts';
import { exampleNames, exampleView } from '../testing/examples.ts';
import { made } from '../testing/matrixRigs.ts';
import { plateFields, formOf } from '../plates/forms.ts';
import { addNewRig } from '../edits/newRig.ts';
import { emptyWorkspace } from '../document/emptyWorkspace.ts';
import { viewRig } from '../document/viewRig.ts';
import { assess } from '../verdict/assess.ts';
import { informationFor } from './information.ts';
import { journeyStops } from './journey.ts';
import { sanctions } from './sanctions.ts';
import { nearThresholds } from './thresholds.ts';

const nowhere = { country: 'plates' } as const;

describe('by the plates alone', () => {
  it.each(exampleNames)('%s is judged by plates and makers, and nothing is called lawful or not', (name) => {
    const view = exampleView(name);
    const { id, ballSchool } = view.situation;
    const here = {
      id,
      name: 'here',
      ballSchool,
      vehicle: nowhere,
      trailer: nowhere,
      travel: nowhere,
      words: 'na' as const,
    };
    const { checks, loads, legal } = assess({ ...view, situation: here });
    expect(checks.length).toBeGreaterThan(4);
    expect(checks.filter(({ kind, region }) => kind === 'legal' || region !== 'na')).toEqual([]);
    expect(checks.some((check) => breaksLaw(check) || mayBreakLaw(check))).toBe(false);
    expect(legal).toBe(null);
    expect([journeyStops(loads), sanctions(loads, checks), nearThresholds(loads)]).toEqual([[], [], []]);
    const said = informationFor(loads).filter(({ bears }) => bears === 'yes');
    const driving = view.vehicle || view.trailer ? ['platesDriving'] : [];
    expect(said.map(({ facts }) => facts.id)).toEqual([...(view.trailer ? ['platesTowing'] : []), ...driving]);
    // Each plate that binds at home still binds; which load a law puts against a towing limit is the law's.
    // Of tyres the plate is what is asked of them, and not their limit.
    const byPlates = assess(view).checks.filter(({ figures, role }) => figures.length > 0 && role !== 'tyrePlate');
    for (const check of byPlates) {
      const same = checks.find(({ id }) => id === check.id);
      if (same) expect([check.id, same.limit]).toEqual([check.id, check.limit]);
    }
  });

  it('says what is past a plate without a word of law, and what is not as within', () => {
    const over = assess(made({ country: 'plates', alone: true, limits: { vehicleMax: 1800 } }));
    expect(over).toMatchObject({ mark: 'maker', legal: null, sentence: { key: 'verdict.over' } });
    const within = assess(
      made({ country: 'plates', alone: true, limits: { vehicleMax: 2500, frontAxleMax: 1300, rearAxleMax: 1300 } }),
    );
    expect(within).toMatchObject({ mark: 'legal', legal: null });
    // Where a law is asked, the same excess is told apart from it.
    expect(assess(made({ country: 'AU', alone: true, limits: { vehicleMax: 1800 } })).mark).toBe('over');
  });

  it('has words of its own for every plate that its stickers name', () => {
    const words = { name: 'rig', vehicleName: 'truck', trailerName: 'van', build: 'ute', country: 'plates' } as const;
    let next = 0;
    const made = addNewRig(emptyWorkspace('a', 'a'), words, { newId: () => `id${(next += 1)}`, word: () => 'word' });
    const view = viewRig(made.workspace, made.rigId);
    expect(view?.situation).toMatchObject({ words: 'na', ballSchool: 'na-10-15' });
    const plates = [view?.vehicle, view?.trailer].flatMap((body) =>
      body ? body.plates.map((plate) => ({ body, plate })) : [],
    );
    expect(plates.map(({ plate }) => formOf(plate)?.region)).toEqual(['na', 'na', 'any', 'na', 'any']);
    const own = plates
      .filter(({ plate }) => formOf(plate)?.region === 'na')
      .flatMap(({ body, plate }) => plateFields(body, plate));
    const word = (term: string) => lexicon['na']?.[term];
    expect(own.map(({ limit }) => word(limit))).toEqual(
      expect.arrayContaining([
        'GVWR',
        'GAWR front',
        'GAWR rear',
        'GCWR',
        'tow rating',
        'tongue weight rating',
        'trailer GVWR',
        'CCC',
      ]),
    );
    expect([word('pinLoad'), word('cargoStated')]).toEqual(['pin weight', 'occupants and cargo']);
  });
});
