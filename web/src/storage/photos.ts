import localforage from 'localforage';

/** Photographs of plates, by the hash of their contents, beside the document and not in it. */
const store = localforage.createInstance({ name: 'wagonomos', storeName: 'photos' });

/** Longest side kept, px: enough to read a worn plate, small enough to keep many. */
const longestSide = 1600;

/** Keeps a smaller copy of a picture. @returns its hash; throws what the browser throws for a file that is no picture */
export async function keepPhoto(file: Blob): Promise<string> {
  const picture = await createImageBitmap(file);
  const scale = Math.min(1, longestSide / Math.max(picture.width, picture.height));
  const canvas = new OffscreenCanvas(Math.round(picture.width * scale), Math.round(picture.height * scale));
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.82 });
  const digest = new Uint8Array(await crypto.subtle.digest('SHA-256', await blob.arrayBuffer()));
  const hash = [...digest].map((byte) => byte.toString(16).padStart(2, '0')).join('');
  await store.setItem(hash, blob);
  return hash;
}

export const loadPhoto = (hash: string): Promise<Blob | null> => store.getItem<Blob>(hash);

/** Lets go of pictures nothing refers to any more. Only when no history could bring one back: at the start. */
export async function collectPhotos(used: ReadonlySet<string>): Promise<void> {
  for (const hash of await store.keys()) if (!used.has(hash)) await store.removeItem(hash);
}
