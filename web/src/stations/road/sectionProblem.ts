import type { Section } from '@wagonomos/core/road';

/** What a part of a trip still lacks to be kept: a key of the catalogue, or null. */
export function sectionProblem(section: Section): string | null {
  if (section.at !== undefined && section.at.trim() === '') return 'app.road.lacks.at';
  switch (section.kind) {
    case 'shop':
      if (section.name.trim() === '') return 'app.road.lacks.what';
      return section.mass > 0 ? null : 'app.road.lacks.mass';
    case 'join':
      if (section.name.trim() === '') return 'app.road.lacks.who';
      return section.mass > 0 ? null : 'app.road.lacks.mass';
    case 'setDown':
      return section.thing === '' ? 'app.road.lacks.thing' : null;
    case 'part':
      return section.member === '' ? 'app.road.lacks.member' : null;
    case 'tank':
      return section.tank === '' ? 'app.road.lacks.tank' : null;
    case 'drive':
    case 'nights':
    case 'unhitch':
    case 'hitch':
    case 'weigh':
      return null;
  }
}
