import localforage from 'localforage';
import { askPictures } from '../workers/pictureTasks.ts';

/** Photographs of plates and slips, papers of cases, by the hash of their contents, beside the document and not in it. */
const store = localforage.createInstance({ name: 'wagonomos', storeName: 'photos' });

/** Why a picture was not kept: it is none, or the browser has no room left. */
export type PhotoRefusal = 'notAPicture' | 'noRoom';

/** Keeps a smaller copy of a picture. @returns its hash, or why it was refused; what is kept already stays */
export async function keepPhoto(file: Blob): Promise<{ readonly hash: string } | { readonly refused: PhotoRefusal }> {
  const answer = await askPictures({ kind: 'shrink', file });
  if (answer.kind !== 'shrunk') return { refused: 'notAPicture' };
  return (await kept(answer.hash, answer.blob)) ? { hash: answer.hash } : { refused: 'noRoom' };
}

/** Larger papers are refused, bytes: a certificate is a page or two. */
const largestPaper = 12_000_000;

/** Keeps a PDF as it is. @returns its hash, or why it was refused */
export async function keepPaper(
  file: Blob,
): Promise<{ readonly hash: string } | { readonly refused: 'notAPaper' | 'tooLarge' | 'noRoom' }> {
  if (file.size > largestPaper) return { refused: 'tooLarge' };
  const bytes = await file.arrayBuffer();
  if (new TextDecoder('latin1').decode(bytes.slice(0, 5)) !== '%PDF-') return { refused: 'notAPaper' };
  const digest = new Uint8Array(await crypto.subtle.digest('SHA-256', bytes));
  const hash = [...digest].map((byte) => byte.toString(16).padStart(2, '0')).join('');
  const paper = new Blob([bytes], { type: 'application/pdf' });
  return (await kept(hash, paper)) ? { hash } : { refused: 'noRoom' };
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

/** The document and these pictures in one parcel; how many of them this browser does not have. null: it could not be made. */
export async function parcel(
  text: string,
  hashes: readonly string[],
): Promise<{ readonly blob: Blob; readonly missing: number } | null> {
  const pictures = [];
  for (const hash of hashes) {
    const blob = await loadPhoto(hash);
    if (blob) pictures.push({ hash, blob });
  }
  const answer = await askPictures({ kind: 'pack', text, pictures });
  return answer.kind === 'packed' ? { blob: answer.blob, missing: hashes.length - pictures.length } : null;
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
