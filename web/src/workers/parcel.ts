import { BlobReader, BlobWriter, configure, TextReader, ZipReader, ZipWriter, type FileEntry } from '@zip.js/zip.js';
import { hashOf } from './hash.ts';

/** What cannot be told from the names in a parcel, or goes past what one may hold. */
type ParcelRefusal = 'notAParcel' | 'damaged' | 'noDocument' | 'tooLarge';

export interface KeptFile {
  readonly hash: string;
  readonly blob: Blob;
}

export type OpenedParcel =
  | {
      readonly ok: true;
      readonly text: string;
      readonly files: readonly KeptFile[];
      /** Files that are not what their names say: left out. */
      readonly forged: number;
    }
  | { readonly ok: false; readonly why: ParcelRefusal };

const documentName = 'document.wagonomos.json';
/** What a parcel may hold, bytes once unpacked, and in how many pieces: one from a hostile hand must not fill the memory. */
const mostText = 20_000_000;
const mostPicture = 12_000_000;
const mostTogether = 250_000_000;
const mostEntries = 4000;

/** Where a parcel keeps what is not the document, by the kind of it. */
const shelves = [
  { folder: 'pictures', ending: 'jpg', type: 'image/jpeg' },
  { folder: 'papers', ending: 'pdf', type: 'application/pdf' },
] as const;
const shelfOf = (name: string) =>
  shelves.find(({ folder, ending }) => new RegExp(`^${folder}/[0-9a-f]{64}\\.${ending}$`).test(name));

// It runs in a worker already, and the platform packs.
configure({ useWebWorkers: false, useCompressionStream: true });

/**
 * The document as text, its pictures and papers as they are: packing them again gains nothing. What goes beyond what a parcel may hold
 * goes into further ones, each with the document: opened one after the other they bring it all.
 * @returns null where the document alone, or one picture, is more than a parcel may hold
 */
export async function packParcels(text: string, files: readonly KeptFile[]): Promise<readonly Blob[] | null> {
  const own = new TextEncoder().encode(text).length;
  if (own > mostText || files.some(({ blob }) => blob.size > mostPicture)) return null;
  const parts: KeptFile[][] = [[]];
  let held = own;
  for (const file of files) {
    const last = parts.at(-1) ?? [];
    if (held + file.blob.size > mostTogether || last.length + 1 >= mostEntries) {
      parts.push([file]);
      held = own + file.blob.size;
    } else {
      last.push(file);
      held += file.blob.size;
    }
  }
  const parcels: Blob[] = [];
  for (const part of parts) parcels.push(await packParcel(text, part));
  return parcels;
}

async function packParcel(text: string, files: readonly KeptFile[]): Promise<Blob> {
  const zip = new ZipWriter(new BlobWriter('application/zip'));
  await zip.add(documentName, new TextReader(text), { level: 6 });
  for (const { hash, blob } of files) {
    const { folder, ending } = shelves.find(({ type }) => type === blob.type) ?? shelves[0];
    await zip.add(`${folder}/${hash}.${ending}`, new BlobReader(blob), { level: 0 });
  }
  return zip.close();
}

/**
 * Unpacks a parcel: sizes are added up before anything is unpacked, checksums are checked, and a picture is only what its hash
 * says. Never throws and keeps nothing.
 */
export async function openParcel(file: Blob): Promise<OpenedParcel> {
  const zip = new ZipReader(new BlobReader(file));
  let entries: FileEntry[];
  try {
    const listed: FileEntry[] = [];
    for await (const entry of zip.getEntriesGenerator()) {
      if (entry.directory) continue;
      if (entry.filename === documentName || shelfOf(entry.filename)) listed.push(entry);
      if (listed.length > mostEntries) return refuse('tooLarge');
    }
    entries = listed;
  } catch {
    return refuse((await startsAsZip(file)) ? 'damaged' : 'notAParcel');
  }
  const together = entries.reduce((sum, entry) => sum + entry.uncompressedSize, 0);
  if (together > mostTogether || entries.some((one) => one.uncompressedSize > mostOf(one))) return refuse('tooLarge');
  const document = entries.find(({ filename }) => filename === documentName);
  if (!document) return refuse('noDocument');
  try {
    const text = await bytesOf(document);
    const files: KeptFile[] = [];
    let forged = 0;
    for (const entry of entries) {
      const shelf = shelfOf(entry.filename);
      if (!shelf) continue;
      const bytes = await bytesOf(entry);
      const hash = entry.filename.slice(shelf.folder.length + 1, -shelf.ending.length - 1);
      if ((await hashOf(bytes)) === hash) files.push({ hash, blob: new Blob([bytes], { type: shelf.type }) });
      else forged += 1;
    }
    return { ok: true, text: new TextDecoder('utf-8', { fatal: true }).decode(text), files, forged };
  } catch {
    return refuse('damaged');
  }
}

const refuse = (why: ParcelRefusal): OpenedParcel => ({ ok: false, why });

const mostOf = ({ filename }: FileEntry): number => (filename === documentName ? mostText : mostPicture);

/** The contents of one entry, checked; no more of them than the entry said there would be, whatever really comes. */
async function bytesOf(entry: FileEntry): Promise<ArrayBuffer> {
  const most = mostOf(entry);
  const pieces: BlobPart[] = [];
  let size = 0;
  const sink = new WritableStream<Uint8Array<ArrayBuffer>>({
    write(piece) {
      size += piece.length;
      if (size > most) throw new Error('larger than it said');
      pieces.push(piece.slice());
    },
  });
  await entry.getData(sink, { checkSignature: true });
  return new Blob(pieces).arrayBuffer();
}

async function startsAsZip(file: Blob): Promise<boolean> {
  const [p, k] = new Uint8Array(await file.slice(0, 2).arrayBuffer());
  return p === 0x50 && k === 0x4b;
}
