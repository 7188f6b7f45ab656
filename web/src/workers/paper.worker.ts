import barlow from '@expo-google-fonts/barlow/400Regular/Barlow_400Regular.ttf?url';
import barlowBold from '@expo-google-fonts/barlow/600SemiBold/Barlow_600SemiBold.ttf?url';
import figures from '@expo-google-fonts/barlow-condensed/600SemiBold/BarlowCondensed_600SemiBold.ttf?url';
import wide from '@expo-google-fonts/noto-sans/400Regular/NotoSans_400Regular.ttf?url';
import type { Paper } from '@wagonomos/papers';
import { facesFor, printPaper, type FaceName, type Faces } from '@wagonomos/papers/print';
import { expose } from 'comlink';

const addresses: Readonly<Record<FaceName, string>> = {
  'Barlow-Regular': barlow,
  'Barlow-SemiBold': barlowBold,
  'BarlowCondensed-SemiBold': figures,
  'NotoSans-Regular': wide,
};

async function fetchFaces(names: readonly FaceName[]): Promise<Faces> {
  const found = names.map(async (name) => {
    const answer = await fetch(addresses[name]);
    if (!answer.ok) throw new Error(`${name}: ${answer.status}`);
    return [name, new Uint8Array(await answer.arrayBuffer())] as const;
  });
  return Object.fromEntries(await Promise.all(found));
}

/** A picture as the printer takes it; null: it cannot be read, and is left out rather than stopping the paper. */
async function printable(blob: Blob): Promise<string | null> {
  const picture = await createImageBitmap(blob).catch(() => null);
  if (!picture) return null;
  const canvas = new OffscreenCanvas(picture.width, picture.height);
  canvas.getContext('2d')?.drawImage(picture, 0, 0);
  picture.close();
  const bytes = new Uint8Array(await (await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.8 })).arrayBuffer());
  let text = '';
  for (const byte of bytes) text += String.fromCharCode(byte);
  return `data:image/jpeg;base64,${btoa(text)}`;
}

const work = {
  /** Those of the pictures that can be read, by their hash. */
  pictures: async (found: readonly (readonly [string, Blob])[]): Promise<Readonly<Record<string, string>>> => {
    const ready: Record<string, string> = {};
    for (const [hash, blob] of found) {
      const made = await printable(blob);
      if (made !== null) ready[hash] = made;
    }
    return ready;
  },
  print: async (paper: Paper, images: Readonly<Record<string, string>>): Promise<Uint8Array> =>
    printPaper(paper, await fetchFaces(facesFor(paper)), images),
};
export type PaperWork = typeof work;
expose(work);
