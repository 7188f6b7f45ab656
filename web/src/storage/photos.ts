import localforage from 'localforage';
import { hashOf } from '../workers/hash.ts';
import type { KeptFile, OpenedParcel } from '../workers/parcel.ts';
import { pictureWorker } from '../workers/clients.ts';

/** Photographs of plates and slips, papers of cases, by the hash of their contents, beside the document and not in it. */
const store = localforage.createInstance({ name: 'wagonomos', storeName: 'photos', driver: localforage.INDEXEDDB });

const pictures = pictureWorker();

/** Why a picture was not kept: it is none, the browser has no room left, or nobody is there to look at it. */
export type PhotoRefusal = 'notAPicture' | 'noRoom' | 'notLoaded';

/** Keeps a smaller copy of a picture. @returns its hash, or why it was refused; what is kept already stays */
export async function keepPhoto(file: Blob): Promise<{ readonly hash: string } | { readonly refused: PhotoRefusal }> {
  const answer = await pictures.ask((api) => api.shrink(file)).catch(() => 'notLoaded' as const);
  if (answer === 'notLoaded') return { refused: 'notLoaded' };
  if (!answer) return { refused: 'notAPicture' };
  return (await kept(answer)) ? { hash: answer.hash } : { refused: 'noRoom' };
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
  const paper = { hash: await hashOf(bytes), blob: new Blob([bytes], { type: 'application/pdf' }) };
  return (await kept(paper)) ? { hash: paper.hash } : { refused: 'noRoom' };
}

/** Whether the browser had room for it. */
async function kept({ hash, blob }: KeptFile): Promise<boolean> {
  try {
    await store.setItem(hash, blob);
    return true;
  } catch {
    return false;
  }
}

/** null: it is not here, or the store cannot be read. */
export const loadPhoto = (hash: string): Promise<Blob | null> => store.getItem<Blob>(hash).catch(() => null);

/**
 * The document and these pictures in a parcel, or in several where one may not hold so much; how many of them this browser does not
 * have. null: it could not be made.
 */
export async function parcels(
  text: string,
  hashes: readonly string[],
): Promise<{ readonly blobs: readonly Blob[]; readonly missing: number } | null> {
  const found: KeptFile[] = [];
  for (const hash of hashes) {
    const blob = await loadPhoto(hash);
    if (blob) found.push({ hash, blob });
  }
  const blobs = await pictures.ask((api) => api.packParcels(text, found)).catch(() => null);
  return blobs && { blobs, missing: hashes.length - found.length };
}

/** Opens a parcel. Nothing of it is kept: that is for the owner to say. */
export const openParcel = (file: Blob): Promise<OpenedParcel | { readonly ok: false; readonly why: 'notLoaded' }> =>
  pictures
    .ask(async (api): Promise<OpenedParcel> => api.openParcel(file))
    .catch(() => ({ ok: false, why: 'notLoaded' }) as const);

/** Keeps the pictures of a parcel that the owner took in. What is here under the same hash stays. @returns false: no room */
export async function keepAll(files: readonly KeptFile[]): Promise<boolean> {
  let room = true;
  for (const file of files) {
    const here = await loadPhoto(file.hash);
    room = (here !== null || (await kept(file))) && room;
  }
  return room;
}

/** Lets go of pictures nothing refers to any more. Only for the tab that writes, and only of what nothing can bring back. */
export async function collectPhotos(used: ReadonlySet<string>): Promise<void> {
  for (const hash of await store.keys()) if (!used.has(hash)) await store.removeItem(hash);
}
