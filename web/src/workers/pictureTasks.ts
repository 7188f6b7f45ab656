/** What is asked of the worker that handles pictures, so that the page stays free. */
export type PictureTask =
  | { readonly kind: 'shrink'; readonly file: Blob }
  | { readonly kind: 'pack'; readonly text: string; readonly pictures: readonly { hash: string; blob: Blob }[] }
  | { readonly kind: 'unpack'; readonly file: Blob };

export type PictureAnswer =
  | { readonly kind: 'shrunk'; readonly hash: string; readonly blob: Blob }
  | { readonly kind: 'packed'; readonly blob: Blob }
  | { readonly kind: 'unpacked'; readonly text: string; readonly pictures: readonly { hash: string; blob: Blob }[] }
  | { readonly kind: 'failed'; readonly why: 'notAPicture' | 'notAParcel' | 'noDocument' };

let worker: Worker | undefined;
let last = 0;
const waiting = new Map<number, (answer: PictureAnswer) => void>();

/** Asks the worker, which is started with the first question. Never rejects: what went wrong is an answer. */
export function askPictures(task: PictureTask): Promise<PictureAnswer> {
  if (!worker) {
    worker = new Worker(new URL('./pictures.worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<{ id: number; answer: PictureAnswer }>) => {
      waiting.get(data.id)?.(data.answer);
      waiting.delete(data.id);
    };
  }
  last += 1;
  const id = last;
  const answer = new Promise<PictureAnswer>((resolve) => waiting.set(id, resolve));
  worker.postMessage({ id, task });
  return answer;
}
