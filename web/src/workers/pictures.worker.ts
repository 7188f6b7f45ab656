import { expose } from 'comlink';
import { hashOf } from './hash.ts';
import { openParcel, packParcels, type KeptFile } from './parcel.ts';

/** Longest side kept, px: enough to read a worn plate, small enough to keep many. */
const longestSide = 1600;

/** A smaller copy of a picture; null where it is none. */
async function shrink(file: Blob): Promise<KeptFile | null> {
  const picture = await createImageBitmap(file).catch(() => null);
  if (!picture) return null;
  const scale = Math.min(1, longestSide / Math.max(picture.width, picture.height));
  const canvas = new OffscreenCanvas(Math.round(picture.width * scale), Math.round(picture.height * scale));
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.82 });
  return { hash: await hashOf(await blob.arrayBuffer()), blob };
}

const work = { shrink, packParcels, openParcel };
export type PictureWork = typeof work;
expose(work);
