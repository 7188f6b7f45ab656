import { viewRig } from '@wagonomos/core';
import { readParsed } from '@wagonomos/core/files';
import { leastOnTheRoad, reckonTrip, type LeastOnTheRoad, type Section } from '@wagonomos/core/road';
import { describe, expect, it } from 'vitest';
import caravanAlone from '../../../../examples/second-hand-caravan-alone.wagonomos.json';
import motorhome from '../../../../examples/german-motorhome.wagonomos.json';
import wagon from '../../../../examples/australian-wagon-and-tandem.wagonomos.json';
import { newSection, sectionKinds } from './newSection.ts';
import { sectionProblem } from './sectionProblem.ts';
import { trimmed } from './trimmed.ts';
import { watchedLimits } from './watchedLimits.ts';

function viewOf(example: unknown) {
  const read = readParsed(example);
  if (!read.ok) throw new Error('the example can be read');
  const view = viewRig(read.workspace, read.workspace.rigs[0]?.id ?? '');
  if (!view) throw new Error('the example has a rig');
  return { view, trips: read.workspace.trips };
}

describe('a part of a trip as it is offered', () => {
  it('is one this rig can have: no trailer left without one, nobody let in where there is no car', () => {
    expect(sectionKinds(viewOf(wagon).view)).toContain('unhitch');
    expect(sectionKinds(viewOf(motorhome).view)).not.toContain('unhitch');
    const alone = sectionKinds(viewOf(caravanAlone).view);
    expect(alone).toContain('drive');
    expect(alone).not.toContain('join');
    expect(alone).not.toContain('hitch');
  });

  it('begins with the grey tank drained, and with what only its owner knows left open', () => {
    const { view } = viewOf(wagon);
    expect(newSection('tank', view)).toMatchObject({ body: 'saltbush-19', tank: 'grey', fraction: 0 });
    for (const kind of ['shop', 'join', 'setDown', 'part'] as const)
      expect(sectionProblem(newSection(kind, view)), kind).not.toBeNull();
    for (const kind of ['drive', 'nights', 'tank', 'unhitch', 'hitch', 'weigh'] as const)
      expect(sectionProblem(newSection(kind, view)), kind).toBeNull();
  });
});

describe('what a part still lacks', () => {
  const shop: Section = { id: 's', kind: 'shop', name: ' Figs ', mass: 3, body: 'b', place: 'p' };

  it.each([
    [{ ...shop, name: '  ' }, 'app.road.lacks.what'],
    [{ ...shop, mass: 0 }, 'app.road.lacks.mass'],
    [{ ...shop, at: ' ' }, 'app.road.lacks.at'],
    [{ id: 'j', kind: 'join', name: '', mass: 70 }, 'app.road.lacks.who'],
    [{ id: 'p', kind: 'part', member: '' }, 'app.road.lacks.member'],
    [{ id: 't', kind: 'tank', body: '', tank: '', fraction: 1 }, 'app.road.lacks.tank'],
  ] as readonly (readonly [Section, string])[])('%o: %s', (section, key) => {
    expect(sectionProblem(section)).toBe(key);
  });

  it('is nothing once it is said, and blanks around it are not kept', () => {
    expect(sectionProblem(shop)).toBeNull();
    expect(trimmed({ ...shop, at: ' the market ' })).toMatchObject({ name: 'Figs', at: 'the market' });
    expect(trimmed({ id: 'd', kind: 'drive' })).toEqual({ id: 'd', kind: 'drive' });
  });
});

describe('the limits worth watching', () => {
  const { view, trips } = viewOf(motorhome);
  const trip = trips.find(({ plan }) => plan);
  const least = leastOnTheRoad(reckonTrip(view, trip ?? {}, trip?.plan ?? []));
  const ids = (list: readonly LeastOnTheRoad[]) => list.map(({ check }) => check.id);

  it('are what is exceeded or tight, worst first, then axles and totals up to three', () => {
    const watched = watchedLimits(least);
    expect(ids(watched)[0]).toBe(least[0]?.check.id);
    expect(watched.length).toBeGreaterThanOrEqual(3);
    expect(watched.length).toBeLessThanOrEqual(4);
    const states = watched.map(({ check }) => (check.status === 'within' ? 1 : 0));
    expect([...states].sort()).toEqual(states);
  });

  it('name a load once: the plated and the technical mass are one curve', () => {
    expect(ids(least)).toEqual(expect.arrayContaining(['vehicle.max', 'vehicle.technicalMax']));
    const watched = ids(watchedLimits(least));
    expect(watched.filter((id) => id.startsWith('vehicle.')).length).toBe(1);
  });
});
