import type { Section } from '@wagonomos/core/road';

/** A part of a trip with its texts as they are kept: without blanks around them. */
export function trimmed(section: Section): Section {
  const at = section.at?.trim();
  const placed = { ...section, ...(at === undefined ? {} : { at }) };
  return 'name' in placed ? { ...placed, name: placed.name.trim() } : placed;
}
