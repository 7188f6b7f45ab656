import { placedBodies, type RigView } from '@wagonomos/core';
import type { Section, SectionKind } from '@wagonomos/core/road';
import { newId } from '../../stores/newId.ts';

/** What can happen on a trip of this rig: without a tank nothing is filled, without a trailer none is left. */
export function sectionKinds(view: RigView): readonly SectionKind[] {
  const bodies = placedBodies(view).map(({ body }) => body);
  const has = {
    tank: bodies.some(({ tanks }) => tanks.length > 0),
    shop: bodies.some(({ places }) => places.length > 0),
    people: view.vehicle !== undefined,
    trailer: view.vehicle !== undefined && view.trailer !== undefined,
  };
  return [
    'drive',
    'nights',
    ...(has.tank ? (['tank'] as const) : []),
    ...(has.shop ? (['shop', 'setDown'] as const) : []),
    ...(has.people ? (['join', 'part'] as const) : []),
    ...(has.trailer ? (['unhitch', 'hitch'] as const) : []),
    'weigh',
  ];
}

/** A part of a trip as it is offered first: what only its owner knows is left open. */
export function newSection(kind: SectionKind, view: RigView): Section {
  const id = newId();
  const bodies = placedBodies(view).map(({ body }) => body);
  switch (kind) {
    case 'drive':
      return { id, kind };
    case 'nights':
      return { id, kind, nights: 1 };
    case 'tank': {
      // What is drained or filled most on the way.
      const tanks = bodies.flatMap((body) => body.tanks.map((tank) => ({ body: body.id, tank })));
      const first = tanks.find(({ tank }) => tank.kind === 'grey') ?? tanks[0];
      return {
        id,
        kind,
        body: first?.body ?? '',
        tank: first?.tank.id ?? '',
        fraction: first?.tank.kind === 'grey' ? 0 : 1,
      };
    }
    case 'shop': {
      const body = bodies.find(({ places }) => places.length > 0);
      return { id, kind, name: '', mass: 0, body: body?.id ?? '', place: body?.places[0]?.id ?? '' };
    }
    case 'setDown':
      return { id, kind, thing: '' };
    case 'join':
      return { id, kind, name: '', mass: 0 };
    case 'part':
      return { id, kind, member: '' };
    case 'unhitch':
    case 'hitch':
    case 'weigh':
      return { id, kind };
  }
}
