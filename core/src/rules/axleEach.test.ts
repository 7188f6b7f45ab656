import { describe, expect, it } from 'vitest';
import type { RigView } from '../loading/rigView.ts';
import type { Ticket } from '../loading/ticket.ts';
import { made, plateOf } from '../testing/matrixRigs.ts';
import { onScale, ticketOf } from '../testing/weighed.ts';
import { assessTicket } from '../weighing/measured.ts';
import { assess } from '../verdict/assess.ts';

/** Trailer axles of 900 together, with a stamp on each beam. */
function tandem(stamps: readonly number[], equalises?: 'yes' | 'no'): RigView {
  const plates = stamps.map((value, at) => ({ ...plateOf('axle', 'axleGroupMax', value), id: `axle-${String(at)}` }));
  const view = made({ trailer: { plates } });
  if (!view.trailer) throw new Error('the rig has no trailer');
  return { ...view, trailer: { ...view.trailer, geometry: { ...view.trailer.geometry, axles: 2, equalises } } };
}

const slip = (view: RigView, [first, second]: readonly [number, number]): Ticket =>
  ticketOf(
    view,
    [
      { state: 'coupled', on: ['axle1'], value: first },
      { state: 'coupled', on: ['axle2'], value: second },
    ],
    1,
    { loadout: view.loadout },
  );
const single = (view: RigView, kg: readonly [number, number]) =>
  assess(onScale(view, [slip(view, kg)])).checks.find(({ id }) => id === 'trailer.axleEach');

describe('one axle of a group', () => {
  it('over its own stamp while the group is within is over by one reading, and equalising is asked', () => {
    expect(single(tandem([500, 500]), [360, 540])).toMatchObject({
      status: 'unknown',
      demand: expect.closeTo(540) as number,
      limit: 500,
      missing: [{ code: 'equalises' }],
      notes: [{ key: 'check.note.axleByOne' }],
    });
  });

  it('decides where the group is said not to equalise, and is not asked where it does', () => {
    expect(single(tandem([500, 500], 'no'), [360, 540])).toMatchObject({
      status: 'over',
      margin: expect.closeTo(-40) as number,
    });
    expect(single(tandem([500, 500], 'no'), [420, 480])).toMatchObject({
      status: 'within',
      margin: expect.closeTo(20) as number,
    });
    expect(single(tandem([500, 500], 'yes'), [450, 450])).toBeUndefined();
  });

  it('is over by both readings where the group is over too', () => {
    expect(single(tandem([440, 440]), [360, 540])).toMatchObject({
      status: 'over',
      margin: expect.closeTo(-100) as number,
    });
  });

  it('of two stamps that differ is over past the higher one only', () => {
    expect(single(tandem([500, 550], 'no'), [360, 540])).toMatchObject({ status: 'unknown', limit: 550 });
    expect(single(tandem([500, 530], 'no'), [360, 540])).toMatchObject({ status: 'over', limit: 530 });
    expect(single(tandem([500, 550], 'no'), [420, 480])).toMatchObject({ status: 'within', limit: 500 });
  });

  it('is not asked of one stamp alone, of a list, nor once the trailer is loaded otherwise', () => {
    expect(single(tandem([1000]), [360, 540])).toBeUndefined();
    expect(assess(tandem([500, 500])).checks.map(({ id }) => id)).not.toContain('trailer.axleEach');
    const view = tandem([500, 500]);
    const { trailer } = view;
    if (!trailer) throw new Error('the rig has no trailer');
    const place = { id: 'box', name: 'Box', kind: 'locker' as const, x: 3 };
    const things = new Map([...view.things, ['tent', { id: 'tent', name: 'Tent', mass: 20 }]]);
    const since: RigView = {
      ...onScale(view, [slip(view, [360, 540])]),
      things,
      trailer: { ...trailer, places: [...trailer.places, place] },
      loadout: {
        ...view.loadout,
        placements: [...view.loadout.placements, { thing: 'tent', body: trailer.id, place: 'box', count: 1 }],
      },
    };
    expect(assess(since).checks.map(({ id }) => id)).not.toContain('trailer.axleEach');
  });

  it('is not asked once a newer slip weighed the group and did not tell its axles apart', () => {
    const view = tandem([500, 500], 'no');
    const newer = ticketOf(view, [{ state: 'coupled', on: ['trailer'], value: 980 }], 1, {
      id: 'newer',
      date: '2026-06-01',
      loadout: view.loadout,
    });
    const both = onScale(view, [{ ...slip(view, [360, 540]), date: '2026-05-01' }, newer]);
    expect(assess(both).checks.map(({ id }) => id)).not.toContain('trailer.axleEach');
  });

  it('is judged by a slip alone as by all that is known', () => {
    const view = tandem([500, 500], 'no');
    const alone = assessTicket(view, slip(view, [360, 540])).checks.find(({ id }) => id === 'trailer.axleEach');
    expect(alone).toMatchObject({ status: 'over', margin: expect.closeTo(-40) as number });
  });
});
