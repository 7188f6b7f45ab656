import { describe, expect, it } from 'vitest';
import { setConditions, setFigure } from '../edits/bodyEdits.ts';
import { exampleWorkspace } from '../testing/examples.ts';
import { limitNames } from '../rig/limitNames.ts';
import { english } from '../testing/words.ts';
import { conditionFor } from './fieldCondition.ts';
import { formsFor, plateFields, plateForms, sameField } from './forms.ts';

describe('every kind of plate', () => {
  it.each(plateForms.map((form) => [form.id, form] as const))(
    '%s has fields that can be read and words to find it',
    (_id, form) => {
      expect(form.fields.length).toBeGreaterThan(0);
      for (const { limit, mark } of form.fields) {
        expect(limitNames).toContain(limit);
        expect(mark).not.toBe('');
      }
      const keys = form.fields.map(({ limit, variant }) => `${limit} ${variant ?? ''}`);
      expect(new Set(keys).size, 'no field stands twice').toBe(keys.length);
      expect(english.form[form.id]?.name).toBeTruthy();
      expect(english.form[form.id]?.where).toBeTruthy();
      if (form.fields.some((field) => field.limit === 'emptyStated'))
        expect(form.emptyBasis, 'says what it contains').toBeDefined();
    },
  );

  it('has an id of its own', () => {
    expect(new Set(plateForms.map((form) => form.id)).size).toBe(plateForms.length);
  });

  it('of the owner’s region come first', () => {
    expect(formsFor('vehicle', 'uk')[0]?.region).toBe('uk');
    expect(formsFor('trailer', 'eu').map((form) => form.body)).toEqual(formsFor('trailer', 'eu').map(() => 'trailer'));
    expect(formsFor('camper', 'au').map((form) => form.id)).toEqual(['camper-label']);
  });
});

describe('two ratings of one part', () => {
  const start = exampleWorkspace('australian-ute-camper-and-boat');
  const receiver = (document: typeof start) => document.bodies[0]!.plates.find((plate) => plate.id === 'p3')!;

  it('are two fields, written and wiped each by itself', () => {
    const on = { limit: 'ballMax', variant: 'withDistribution' } as const;
    const changed = setFigure(start, 'brolga-ute', 'p3', on, { value: 300, typed: '300 kg' });
    const values = (document: typeof start) =>
      receiver(document)
        .figures.filter((figure) => figure.limit === 'ballMax')
        .map((figure) => [conditionFor(figure), figure.value]);
    expect(values(changed)).toEqual([
      ['withoutDistribution', 250],
      ['withDistribution', 300],
    ]);
    expect(values(setFigure(changed, 'brolga-ute', 'p3', on, null))).toEqual([['withoutDistribution', 250]]);
  });

  it('keep their conditions when a figure is typed anew', () => {
    const field = { limit: 'towBraked' } as const;
    const handbook = (document: typeof start) => document.bodies[0]!.plates.find((plate) => plate.id === 'p2')!;
    const typed = setFigure(start, 'brolga-ute', 'p2', field, { value: 3400, typed: '3.4 t' });
    expect(handbook(typed).figures[0]).toMatchObject({ value: 3400, conditions: [{ kind: 'towPackage', met: 'yes' }] });
    const freed = setConditions(typed, 'brolga-ute', 'p2', field, []);
    expect(handbook(freed).figures[0]).not.toHaveProperty('conditions');
  });
});

describe('the fields of a plate', () => {
  it('are those of its form, and whatever else was read there', () => {
    const [vehicle] = exampleWorkspace('australian-ute-camper-and-boat').bodies;
    const plate = vehicle!.plates[0]!;
    const more = { ...plate, figures: [...plate.figures, { limit: 'towBraked' as const, value: 3000, typed: '3000' }] };
    const fields = plateFields(vehicle!, more);
    expect(fields.map((field) => field.mark)).toEqual(['GVM', 'GCM', 'FRONT', 'REAR', '']);
    expect(more.figures.every((figure) => fields.some((field) => sameField(field, figure)))).toBe(true);
  });

  it('gain the third axle with a tag axle', () => {
    const [vehicle] = exampleWorkspace('british-van-with-scooter').bodies;
    if (vehicle?.kind !== 'vehicle') throw new Error('a van');
    const tagged = { ...vehicle, geometry: { ...vehicle.geometry, tagAxle: { offset: 0.8, driveShare: 0.6 } } };
    const limits = plateFields(tagged, { id: 'p', source: 'vehiclePlate', form: 'uk-vin-plate', figures: [] });
    expect(limits.at(-1)).toEqual({ limit: 'tagAxleMax', mark: '3-' });
  });
});
