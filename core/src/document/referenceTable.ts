import type { Workspace } from './workspace.ts';

/** The lists of a document whose entries have ids that others name. */
export const entryLists = [
  'bodies',
  'things',
  'situations',
  'loadouts',
  'rigs',
  'tickets',
  'trips',
  'quotes',
  'cases',
] as const;
export type EntryList = (typeof entryLists)[number];
export type Entry<List extends EntryList = EntryList> = Workspace[List][number];

/** In a path: every entry of the list that stands there. */
const each = '*';

/** One field that names an entry of the document, or a picture kept beside it. */
export interface Reference {
  /** The list in which it stands, and the way to it from an entry of that list. */
  readonly in: EntryList;
  readonly at: readonly string[];
  readonly to: EntryList | 'pictures';
  /**
   * firm: what it names must be there. loose: history, or the id of something that may never have been in the document; it
   * may lead nowhere, and is carried along as far as it leads somewhere.
   */
  readonly hold: 'firm' | 'loose';
  /** What the body named must be. */
  readonly kind?: 'vehicle' | 'trailer' | 'camper';
  /** When what it names is taken away: the entry of the nearest list that holds it goes too, or the field alone, or nothing. */
  readonly whenGone: 'holder' | 'field' | 'stays';
}

const row = (
  list: EntryList,
  at: string,
  to: Reference['to'],
  hold: Reference['hold'] = 'firm',
  more: Partial<Pick<Reference, 'kind' | 'whenGone'>> = {},
): Reference => ({
  in: list,
  at: at.split('.'),
  to,
  hold,
  whenGone: hold === 'firm' ? 'holder' : 'stays',
  ...more,
});

/**
 * Which field refers to what: the one place that says so. Checking, merging, taking out, removing and collecting pictures
 * follow it. What stands inside one body (places, tanks, seats, positions) is named together with the body and never renamed.
 */
const referenceTable: readonly Reference[] = [
  row('rigs', 'vehicle', 'bodies', 'firm', { kind: 'vehicle' }),
  row('rigs', 'trailer', 'bodies', 'firm', { kind: 'trailer' }),
  row('rigs', 'camper.body', 'bodies', 'firm', { kind: 'camper' }),
  row('rigs', 'loadout', 'loadouts'),
  row('rigs', 'variants.*', 'loadouts'),
  row('rigs', 'situation', 'situations'),
  row('loadouts', 'placements.*.thing', 'things'),
  row('loadouts', 'placements.*.body', 'bodies'),
  row('loadouts', 'tankLevels.*.body', 'bodies'),
  row('loadouts', 'fittingPositions.*.body', 'bodies'),
  row('loadouts', 'takenOut.*.body', 'bodies'),
  row('loadouts', 'said.*.body', 'bodies'),
  row('loadouts', 'packing.things.*.thing', 'things'),
  row('loadouts', 'packing.never.*.thing', 'things'),
  row('loadouts', 'packing.never.*.body', 'bodies'),
  row('loadouts', 'packing.closed.*.body', 'bodies'),
  row('loadouts', 'packing.tanks.*.body', 'bodies'),
  row('tickets', 'rig', 'rigs'),
  row('tickets', 'loadout.placements.*.thing', 'things', 'loose'),
  row('tickets', 'loadout.placements.*.body', 'bodies', 'loose'),
  row('tickets', 'loadout.tankLevels.*.body', 'bodies', 'loose'),
  row('tickets', 'loadout.fittingPositions.*.body', 'bodies', 'loose'),
  row('tickets', 'loadout.takenOut.*.body', 'bodies', 'loose'),
  row('tickets', 'loadout.said.*.body', 'bodies', 'loose'),
  row('tickets', 'loadout.packing.things.*.thing', 'things', 'loose'),
  row('tickets', 'loadout.packing.never.*.thing', 'things', 'loose'),
  row('tickets', 'loadout.packing.never.*.body', 'bodies', 'loose'),
  row('tickets', 'loadout.packing.closed.*.body', 'bodies', 'loose'),
  row('tickets', 'loadout.packing.tanks.*.body', 'bodies', 'loose'),
  row('tickets', 'since.*', 'things', 'loose'),
  row('tickets', 'photos.*', 'pictures', 'loose'),
  row('trips', 'rig', 'rigs'),
  row('trips', 'carried.*.thing', 'things'),
  row('trips', 'plan.*.body', 'bodies'),
  row('trips', 'plan.*.thing', 'things', 'loose', { whenGone: 'holder' }),
  row('trips', 'plan.*.ticket', 'tickets', 'firm', { whenGone: 'field' }),
  row('trips', 'log.*.did.body', 'bodies', 'loose'),
  row('trips', 'log.*.did.thing', 'things', 'loose'),
  row('trips', 'log.*.did.ticket', 'tickets', 'loose', { whenGone: 'field' }),
  row('quotes', 'rig', 'rigs'),
  row('quotes', 'excludes.*', 'quotes', 'loose', { whenGone: 'holder' }),
  row('cases', 'rig', 'rigs'),
  row('cases', 'packages.*.id', 'quotes', 'loose'),
  row('cases', 'packages.*.excludes.*', 'quotes', 'loose'),
  row('cases', 'steps.*.files.*.hash', 'pictures', 'loose'),
  row('bodies', 'fitted.*.foundBy', 'tickets', 'loose', { whenGone: 'field' }),
  row('bodies', 'plates.*.photo', 'pictures', 'loose'),
  row('bodies', 'looks.*.photos.*', 'pictures', 'loose'),
  row('bodies', 'formerPlates.*.plates.*.photo', 'pictures', 'loose'),
];

const gone = Symbol('gone');

/**
 * An entry with the ids in its references replaced; the same object where nothing is.
 * @param now the new id; undefined: what it names goes, and with it what holds the reference
 * @returns undefined where the entry itself cannot stay
 */
export function mapReferences<List extends EntryList>(
  list: List,
  entry: Entry<List>,
  now: (reference: Reference, id: string) => string | undefined,
): Entry<List> | undefined {
  let value: unknown = entry;
  for (const reference of rowsOf[list]) {
    value = mapped(value, reference.at, 0, reference.whenGone === 'field', (id) => now(reference, id));
    if (value === gone) return undefined;
  }
  return value as Entry<List>;
}

const rowsOf = Object.fromEntries(
  entryLists.map((list) => [list, referenceTable.filter((one) => one.in === list)]),
) as unknown as Readonly<Record<EntryList, readonly Reference[]>>;

function mapped(
  value: unknown,
  at: readonly string[],
  depth: number,
  alone: boolean,
  now: (id: string) => string | undefined,
): unknown {
  const step = at[depth];
  if (step === undefined) return typeof value === 'string' ? (now(value) ?? gone) : value;
  if (typeof value !== 'object' || value === null) return value;
  if (step === each) {
    const before = value as readonly unknown[];
    const after = before.map((one) => mapped(one, at, depth + 1, alone, now));
    if (after.every((one, n) => one === before[n])) return value;
    return after.filter((one) => one !== gone);
  }
  const { [step]: before, ...others } = value as Readonly<Record<string, unknown>>;
  const after = mapped(before, at, depth + 1, alone, now);
  if (after === before) return value;
  if (after === gone) return alone ? others : gone;
  return { ...value, [step]: after };
}

/** An entry without its pictures: the field of one, the file of one in a case; the rest stays as it is. */
export function withoutPictures<List extends EntryList>(list: List, entry: Entry<List>): Entry<List> {
  let value: unknown = entry;
  for (const { to, at } of rowsOf[list]) {
    if (to === 'pictures') value = mapped(value, at, 0, at.at(-1) === 'photo', () => undefined);
  }
  return value as Entry<List>;
}

/** A reference as it stands in an entry. `path` leads to it from the entry. */
export interface Found {
  readonly reference: Reference;
  readonly id: string;
  readonly path: readonly (string | number)[];
}

/** Every reference of an entry. */
export function referencesOf(list: EntryList, entry: Entry): readonly Found[] {
  const found: Found[] = [];
  for (const reference of rowsOf[list]) collect(entry, reference, 0, [], found);
  return found;
}

function collect(value: unknown, reference: Reference, depth: number, path: Found['path'], found: Found[]): void {
  const step = reference.at[depth];
  if (step === undefined) {
    if (typeof value === 'string') found.push({ reference, id: value, path });
  } else if (typeof value === 'object' && value !== null) {
    if (step === each) {
      (value as readonly unknown[]).forEach((one, n) => collect(one, reference, depth + 1, [...path, n], found));
    } else {
      collect((value as Readonly<Record<string, unknown>>)[step], reference, depth + 1, [...path, step], found);
    }
  }
}

/** The ids in use in each list. */
export const idsOf = (workspace: Workspace): Readonly<Record<EntryList, ReadonlySet<string>>> =>
  Object.fromEntries(
    entryLists.map((list) => [list, new Set<string>(workspace[list].map(({ id }) => id))]),
  ) as unknown as Readonly<Record<EntryList, ReadonlySet<string>>>;

/** A document of which every entry went through `change`; those it answers with undefined are left out. */
export function mapEntries(
  workspace: Workspace,
  change: (list: EntryList, entry: Entry) => Entry | undefined,
): Workspace {
  const lists = entryLists.map((list) => {
    const before: readonly Entry[] = workspace[list];
    const after = before.map((entry) => change(list, entry));
    return [list, after.every((one, n) => one === before[n]) ? before : after.filter((one) => one !== undefined)];
  });
  return { ...workspace, ...(Object.fromEntries(lists) as Pick<Workspace, EntryList>) };
}

/** Takes entries away, and whatever cannot be without them. */
export function removeEntries(workspace: Workspace, doomed: Readonly<Partial<Record<EntryList, ReadonlySet<string>>>>) {
  const going = new Map<EntryList, Set<string>>(entryLists.map((list) => [list, new Set(doomed[list])]));
  for (let current = workspace; ;) {
    let more = false;
    const next = mapEntries(current, (list, entry) => {
      if (going.get(list)?.has(entry.id)) return undefined;
      const kept = mapReferences(list, entry, ({ to, whenGone }, id) =>
        to !== 'pictures' && whenGone !== 'stays' && going.get(to)?.has(id) ? undefined : id,
      );
      if (!kept) {
        going.get(list)?.add(entry.id);
        more = true;
      }
      return kept;
    });
    if (!more) return next;
    current = next;
  }
}
