import { unzipSync, zipSync, strToU8, strFromU8, type Zippable } from 'fflate';
import type { PictureAnswer, PictureTask } from './pictureTasks.ts';

/** Longest side kept, px: enough to read a worn plate, small enough to keep many. */
const longestSide = 1600;
/** More than a parcel may hold once it is unpacked, bytes: a parcel from a hostile hand must not fill the memory. */
const mostText = 60_000_000;
const mostPicture = 12_000_000;
const documentName = 'document.wagonomos.json';

/** What a worker's own global is used for here; the page's types know it as a window. */
const scope = self as unknown as {
  onmessage: (event: MessageEvent<{ id: number; task: PictureTask }>) => void;
  postMessage: (message: unknown) => void;
};

async function shrink(file: Blob): Promise<PictureAnswer> {
  const picture = await createImageBitmap(file);
  const scale = Math.min(1, longestSide / Math.max(picture.width, picture.height));
  const canvas = new OffscreenCanvas(Math.round(picture.width * scale), Math.round(picture.height * scale));
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.82 });
  const digest = new Uint8Array(await crypto.subtle.digest('SHA-256', await blob.arrayBuffer()));
  const hash = [...digest].map((byte) => byte.toString(16).padStart(2, '0')).join('');
  return { kind: 'shrunk', hash, blob };
}

/** Where a parcel keeps what is not the document, by the kind of it. */
const shelves = [
  { folder: 'pictures', ending: 'jpg', type: 'image/jpeg' },
  { folder: 'papers', ending: 'pdf', type: 'application/pdf' },
] as const;
const shelfOf = (name: string) =>
  shelves.find(({ folder, ending }) => new RegExp(`^${folder}/[0-9a-f]{64}\\.${ending}$`).test(name));

/** One parcel: the document as text, its pictures and papers as they are: packing them again gains nothing. */
async function pack(text: string, pictures: readonly { hash: string; blob: Blob }[]): Promise<PictureAnswer> {
  const files: Zippable = { [documentName]: [strToU8(text), { level: 6 }] };
  for (const { hash, blob } of pictures) {
    const { folder, ending } = shelves.find(({ type }) => type === blob.type) ?? shelves[0];
    files[`${folder}/${hash}.${ending}`] = [new Uint8Array(await blob.arrayBuffer()), { level: 0 }];
  }
  return { kind: 'packed', blob: new Blob([zipSync(files)], { type: 'application/zip' }) };
}

async function unpack(file: Blob): Promise<PictureAnswer> {
  const files = unzipSync(new Uint8Array(await file.arrayBuffer()), {
    filter: ({ name, originalSize }) =>
      name === documentName ? originalSize <= mostText : shelfOf(name) !== undefined && originalSize <= mostPicture,
  });
  const document = files[documentName];
  if (!document) return { kind: 'failed', why: 'noDocument' };
  const pictures = Object.entries(files).flatMap(([name, bytes]) => {
    const shelf = shelfOf(name);
    if (!shelf) return [];
    const hash = name.slice(shelf.folder.length + 1, -shelf.ending.length - 1);
    return [{ hash, blob: new Blob([bytes], { type: shelf.type }) }];
  });
  return { kind: 'unpacked', text: strFromU8(document), pictures };
}

const answer = (task: PictureTask): Promise<PictureAnswer> => {
  if (task.kind === 'shrink') return shrink(task.file);
  return task.kind === 'pack' ? pack(task.text, task.pictures) : unpack(task.file);
};

scope.onmessage = ({ data: { id, task } }) => {
  const failed: PictureAnswer = { kind: 'failed', why: task.kind === 'shrink' ? 'notAPicture' : 'notAParcel' };
  void answer(task)
    .catch(() => failed)
    .then((said) => scope.postMessage({ id, answer: said }));
};
