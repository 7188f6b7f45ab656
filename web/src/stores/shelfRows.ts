import { namedParts, type Placement, type RigView, type Thing } from '@wagonomos/core';

/** A thing, or one of the parts it lies in, and where that is in the loadout in hand. */
export interface ShelfRow {
  /** The thing's id; of its second part and those behind it a name of their own. */
  readonly key: string;
  readonly thing: Thing;
  readonly placement: Placement | undefined;
  /** It lies in more than one place. */
  readonly parted: boolean;
  /** Which of the parts in one place it is, from 1. */
  readonly nth: number;
}

/** A row for each part of each of these things; what is at home has one. */
export function shelfRows(view: RigView, things: readonly Thing[]): readonly ShelfRow[] {
  const aboard = new Map(things.map(({ id }) => [id, [] as ShelfRow[]]));
  for (const part of namedParts(view.loadout.placements)) {
    const thing = view.things.get(part.placement.thing);
    if (thing) aboard.get(thing.id)?.push({ ...part, thing });
  }
  return things.flatMap((thing): readonly ShelfRow[] => {
    const parts = aboard.get(thing.id) ?? [];
    return parts.length > 0 ? parts : [{ key: thing.id, thing, placement: undefined, parted: false, nth: 1 }];
  });
}

/** The row of this name, if there is (still) one. */
export function shelfRow(view: RigView, key: string): ShelfRow | undefined {
  const thing = view.things.get(key.split('~', 1)[0] ?? '');
  return thing && shelfRows(view, [thing]).find((row) => row.key === key);
}
