import { create, isDraft, original } from 'mutative';
import type { Workspace } from '../document/workspace.ts';
import type { Listed } from '../plain/lists.ts';

/**
 * The document after a recipe has changed a draft of it. What the recipe leaves alone stays the same object, and so does the
 * document where nothing changes: undo is cheap by that, and a check of an edit asks only what is new.
 */
export const edited = (workspace: Workspace, recipe: (draft: Workspace) => void): Workspace =>
  create(workspace, (draft) => {
    recipe(draft);
  });

/** A list as it stands, without a draft of every entry looked at. */
const plain = <T>(list: readonly T[]): readonly T[] => (isDraft(list) ? original(list) : list);

/** The entry with an id in a list of a draft that has not been changed yet, to be changed; undefined: there is none. */
export function entryOf<T extends Listed>(list: T[], id: string): T | undefined {
  const at = plain(list).findIndex((one) => one.id === id);
  return at < 0 ? undefined : list[at];
}

/** A list of a draft, not changed yet, without some of its entries; the same list where none of them goes. */
export function without<T>(list: T[], gone: (one: T) => boolean): T[] {
  const left = plain(list).filter((one) => !gone(one));
  return left.length === list.length ? list : left;
}

/** Puts fields into an entry; one given as undefined is taken away, since the file has no such fields. */
export function put<T extends object>(entry: T, patch: { readonly [Key in keyof T]?: T[Key] | undefined }): void {
  const fields = entry as Record<string, unknown>;
  for (const [name, value] of Object.entries(patch)) {
    if (value === undefined) delete fields[name];
    else fields[name] = value;
  }
}
