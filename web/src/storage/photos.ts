import localforage from 'localforage';
import { askPictures } from '../workers/pictureTasks.ts';

/** Photographs of plates and slips, by the hash of their contents, beside the document and not in it. */
const store = localforage.createInstance({ name: 'wagonomos', storeName: 'photos' });

/** Why a picture was not kept: it is none, or the browser has no room left. */
export type PhotoRefusal = 'notAPicture' | 'noRoom';

/** Keeps a smaller copy of a picture. @returns its hash, or why it was refused; what is kept already stays */
export async function keepPhoto(file: Blob): Promise<{ readonly hash: string } | { readonly refused: PhotoRefusal }> {
  const answer = await askPictures({ kind: 'shrink', file });
  if (answer.kind !== 'shrunk') return { refused: 'notAPicture' };
  return (await kept(answer.hash, answer.blob)) ? { hash: answer.hash } : { refused: 'noRoom' };
}

/** Whether the browser had room for it. */
async function kept(hash: string, blob: Blob): Promise<boolean> {
  try {
    await store.setItem(hash, blob);
    return true;
  } catch {
    return false;
  }
}

export const loadPhoto = (hash: string): Promise<Blob | null> => store.getItem<Blob>(hash);

/** The document and these pictures in one parcel. Pictures this browser does not have are left out. */
export async function parcel(text: string, hashes: readonly string[]): Promise<Blob | null> {
  const pictures = [];
  for (const hash of hashes) {
    const blob = await loadPhoto(hash);
    if (blob) pictures.push({ hash, blob });
  }
  const answer = await askPictures({ kind: 'pack', text, pictures });
  return answer.kind === 'packed' ? answer.blob : null;
}

/** Opens a parcel and keeps its pictures. @returns the text of its document, null where it is no parcel */
export async function openParcel(file: Blob): Promise<{ readonly text: string; readonly noRoom: boolean } | null> {
  const answer = await askPictures({ kind: 'unpack', file });
  if (answer.kind !== 'unpacked') return null;
  let noRoom = false;
  for (const { hash, blob } of answer.pictures) noRoom = !(await kept(hash, blob)) || noRoom;
  return { text: answer.text, noRoom };
}

/** Lets go of pictures nothing refers to any more. Only when no history could bring one back: at the start. */
export async function collectPhotos(used: ReadonlySet<string>): Promise<void> {
  for (const hash of await store.keys()) if (!used.has(hash)) await store.removeItem(hash);
}
