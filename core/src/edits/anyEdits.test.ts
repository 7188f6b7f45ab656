import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkEdit } from '../document/checkEdit.ts';
import { mergeWorkspaces } from '../files/mergeWorkspaces.ts';
import { readWorkspace } from '../files/readWorkspace.ts';
import type { Workspace } from '../document/workspace.ts';
import { writeWorkspace } from '../files/writeWorkspace.ts';
import { exampleWorkspace } from '../testing/examples.ts';
import { fuzzRuns, fuzzTime } from '../testing/hostile.ts';
import type { Section } from '../road/trip.ts';
import * as body from './bodyEdits.ts';
import * as cases from './caseEdits.ts';
import * as fitting from './fittingEdits.ts';
import * as gear from './gearEdits.ts';
import * as loading from './loadoutEdits.ts';
import * as places from './placeEdits.ts';
import * as quotes from './quoteEdits.ts';
import { removeRig } from './removeRig.ts';
import * as rigs from './rigEdits.ts';
import * as tables from './tableEdits.ts';
import * as tickets from './ticketEdits.ts';
import * as trips from './tripEdits.ts';
import * as variants from './variantEdits.ts';

const start = exampleWorkspace('german-estate-and-caravan');
const [car, caravan] = start.bodies.map(({ id }) => id) as [string, string];
const rig = start.rigs[0]!.id;
const trip = start.loadouts[0]!.id;

/** What a field may hand on when somebody types, pastes or drags: mostly sense, now and then none. */
const number = fc.oneof(
  fc.double({ min: -10, max: 200_000 }),
  fc.constantFrom(0, 1, 80, NaN, Infinity, -Infinity, 5e-324, 123456789, -0),
);
const text = fc.oneof(
  fc.string({ unit: 'binary', maxLength: 90 }),
  fc.constantFrom('', ' ', ' Boat ', '\uFFFD', 'x'.repeat(3000), '__proto__', '\u202e'),
);
const id = fc.oneof(
  {
    arbitrary: fc.constantFrom(...[start.bodies, start.things, start.loadouts].flatMap((l) => l.map((o) => o.id))),
    weight: 4,
  },
  { arbitrary: fc.constantFrom('heck', 'bug', 'gas', 'a', 'b', 'c', 'p1', rig, trip, 'lake-week'), weight: 4 },
  { arbitrary: text, weight: 1 },
);
const maybe = <T>(of: fc.Arbitrary<T>) => fc.option(of, { nil: undefined });
const bodyId = fc.constantFrom(car, caravan);
/** Parts of a trip, those of the example's among them. */
const tripParts: readonly Section[] = [
  ...(start.trips.find(({ plan }) => plan)?.plan ?? []),
  { id: 'a', kind: 'drive' },
  { id: 'b', kind: 'shop', name: 'Figs', mass: 3, body: caravan, place: 'nowhere' },
  { id: 'c', kind: 'setDown', thing: 'b' },
  { id: 'p1', kind: 'weigh', ticket: 'a' },
];

type Edit = (document: Workspace) => Workspace;
const edit: fc.Arbitrary<Edit> = fc.oneof(
  fc.tuple(bodyId, text).map(
    ([b, name]): Edit =>
      (d) =>
        body.renameBody(d, b, name),
  ),
  fc.tuple(bodyId, maybe(number)).map(
    ([b, height]): Edit =>
      (d) =>
        body.setGeometry(d, b, { height }),
  ),
  fc.tuple(bodyId, maybe(number), maybe(number)).map(
    ([b, total, plusMinus]): Edit =>
      (d) =>
        body.setEmptyMass(d, b, { total, plusMinus }),
  ),
  fc.tuple(bodyId, number, text).map(
    ([b, value, typed]): Edit =>
      (d) =>
        body.setFigure(d, b, 'p1', { limit: 'ballMax' }, { value, typed }),
  ),
  fc.tuple(bodyId, text).map(
    ([b, words]): Edit =>
      (d) =>
        body.setConditions(d, b, 'p1', { limit: 'ballMax' }, [{ kind: 'other', text: words, met: 'yes' }]),
  ),
  fc.tuple(bodyId, id, text, maybe(number)).map(
    ([b, key, name, x]): Edit =>
      (d) =>
        body.addPart(d, b, 'places', { id: key, name, kind: 'locker', x }),
  ),
  fc.tuple(bodyId, id, number).map(
    ([b, key, mass]): Edit =>
      (d) =>
        body.changePart(d, b, 'fitted', key, { on: { mass } }),
  ),
  fc.tuple(bodyId, fc.constantFrom('places', 'tanks', 'fitted', 'plates'), id).map(
    ([b, list, key]): Edit =>
      (d) =>
        body.removePart(d, b, list, key),
  ),
  fc.tuple(id, text).map(
    ([key, name]): Edit =>
      (d) =>
        body.addSeat(d, car, { id: key, name }),
  ),
  fc.tuple(id).map(
    ([key]): Edit =>
      (d) =>
        body.removeSeat(d, car, key),
  ),
  fc.tuple(bodyId, fc.nat({ max: 20 })).map(
    ([b, berths]): Edit =>
      (d) =>
        body.setFacts(d, b, { berths }),
  ),
  fc.tuple(id, text, number).map(
    ([key, name, mass]): Edit =>
      (d) =>
        loading.addThing(d, { id: key, name, mass }),
  ),
  fc.tuple(id, maybe(number), maybe(text)).map(
    ([key, wetMass, weighedOn]): Edit =>
      (d) =>
        loading.changeThing(d, key, { wetMass, weighedOn }),
  ),
  fc.tuple(id).map(
    ([key]): Edit =>
      (d) =>
        loading.removeThing(d, key),
  ),
  fc.tuple(id, bodyId, id, number).map(
    ([thing, b, place, count]): Edit =>
      (d) =>
        loading.placeThing(d, trip, thing, { body: b, place, count }),
  ),
  fc.tuple(id, text, number).map(
    ([key, name, mass]): Edit =>
      (d) =>
        loading.addCrew(d, trip, { id: key, name, mass }),
  ),
  fc.tuple(bodyId, id, number).map(
    ([b, tank, fraction]): Edit =>
      (d) =>
        loading.setTankLevel(d, trip, b, tank, fraction),
  ),
  fc.tuple(bodyId, id, id).map(
    ([b, f, position]): Edit =>
      (d) =>
        loading.setFittingPosition(d, trip, b, f, position),
  ),
  fc.tuple(bodyId, id, text, number).map(([b, key, name, mass]): Edit => (d) => {
    const positions = ['a', 'b'].map((one) => ({ id: one, name: one }));
    return fitting.addFitting(d, b, { id: key, name, mass, positions, emptyAt: 'a' });
  }),
  fc.tuple(bodyId, text, number).map(
    ([b, size, wheelRating]): Edit =>
      (d) =>
        gear.setGear(d, b, 'rear', { size, wheelRating }, { id: 'g', axle: 'rear', wheels: 2 }),
  ),
  fc.array(fc.record({ id, name: text, kind: fc.constant('roof' as const) })).map(
    (list): Edit =>
      (d) =>
        places.addPlaces(d, car, list),
  ),
  fc.tuple(id, text, number).map(
    ([key, name, graduation]): Edit =>
      (d) =>
        tickets.addTicket(d, { id: key, rig, name, graduation, readings: [] }),
  ),
  fc.tuple(id, id, number).map(
    ([slip, key, value]): Edit =>
      (d) =>
        tickets.addReading(d, slip, { id: key, state: 'coupled', on: ['front'], value }),
  ),
  fc.tuple(id).map(
    ([key]): Edit =>
      (d) =>
        tickets.removeTicket(d, key),
  ),
  fc.tuple(id, text, id).map(
    ([key, name, thing]): Edit =>
      (d) =>
        trips.addTrip(d, { id: key, name, rig, carried: [{ thing, used: false }] }),
  ),
  fc.tuple(id, fc.constantFrom(...tripParts), maybe(number), maybe(fc.integer({ min: 0, max: 4 }))).map(
    ([trip, part, km, at]): Edit =>
      (d) =>
        trips.putSection(d, trip, part.kind === 'drive' && km !== undefined ? { ...part, km } : part, at),
  ),
  fc.tuple(id, fc.constantFrom(...tripParts), fc.integer({ min: -2, max: 2 })).map(
    ([trip, part, by]): Edit =>
      (d) =>
        trips.shiftSection(d, trip, part.id, by),
  ),
  fc.tuple(id, fc.constantFrom(...tripParts)).map(
    ([trip, part]): Edit =>
      (d) =>
        trips.removeSection(d, trip, part.id),
  ),
  fc.tuple(id, id, fc.constantFrom(...tripParts), maybe(number)).map(
    ([trip, key, did, added]): Edit =>
      (d) =>
        trips.logEntry(d, trip, { id: key, on: '2027-05-01T08:30', did, ...(added === undefined ? {} : { added }) }),
  ),
  fc.tuple(id, id).map(
    ([trip, key]): Edit =>
      (d) =>
        trips.removeLogEntry(trips.mergeLog(d, trip), trip, key),
  ),
  fc.tuple(id, text).map(
    ([key, name]): Edit =>
      (d) =>
        variants.copyLoadout(d, rig, key, name),
  ),
  fc.tuple(id).map(
    ([key]): Edit =>
      (d) =>
        variants.removeLoadout(d, rig, key),
  ),
  fc.tuple(text).map(
    ([name]): Edit =>
      (d) =>
        rigs.renameRig(d, rig, name),
  ),
  fc.tuple(maybe(number)).map(
    ([extension]): Edit =>
      (d) =>
        rigs.setHitch(d, rig, { extension }),
  ),
  fc.tuple(maybe(number)).map(
    ([reserve]): Edit =>
      (d) =>
        rigs.changeSituation(d, d.situations[0]?.id ?? '', { reserve }),
  ),
  fc.tuple(id, text, number, text).map(
    ([key, name, amount, currency]): Edit =>
      (d) =>
        quotes.addQuote(d, {
          ...{ id: key, name, rig, kind: 'paper', of: 'vehicle', limits: [], adds: [], currency },
          costs: [{ kind: 'parts', amount, taxIncluded: true }],
        }),
  ),
  fc.tuple(id).map(
    ([key]): Edit =>
      (d) =>
        quotes.removeQuote(d, key),
  ),
  fc.tuple(id, text, number).map(
    ([key, note, cost]): Edit =>
      (d) =>
        cases.setCaseStep(d, key, 'vehicle.apply', { note, cost }),
  ),
  fc.array(fc.record({ name: text, mass: number, count: number }), { maxLength: 4 }).map((rows): Edit => (d) => {
    let n = d.things.length;
    const lines = rows.map((row, line) => ({ ...row, line, place: { key: 'p', name: 'p' } }));
    return tables.takeRows(
      d,
      trip,
      lines,
      () => `row-${(n += 1)}`,
      () => ({ body: caravan, place: 'heck' }),
    );
  }),
  fc.constant<Edit>((d) => removeRig(d, rig)),
  fc.constant<Edit>((d) => mergeWorkspaces(d, { ...start, things: start.things.map((one) => ({ ...one, mass: 7 })) })),
);

describe('any edits with any input, one after another', () => {
  it('leave a document that reads back equal: what would break it is refused and changes nothing', fuzzTime, () => {
    let [taken, refused] = [0, 0];
    fc.assert(
      fc.property(fc.array(edit, { maxLength: 25 }), (edits) => {
        let document = start;
        for (const one of edits) {
          const checked = checkEdit(one(document));
          if (checked.ok) document = checked.workspace;
          if (checked.ok) taken += 1;
          else refused += 1;
        }
        const plain: unknown = JSON.parse(JSON.stringify(document));
        expect(readWorkspace(writeWorkspace(document))).toEqual({ ok: true, workspace: plain });
      }),
      { numRuns: fuzzRuns(400), endOnFailure: true },
    );
    expect(Math.min(taken, refused)).toBeGreaterThan(100);
  });
});
