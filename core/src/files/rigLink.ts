import crc32 from 'crc/calculators/crc32';
import { deflateSync, Inflate, strFromU8, strToU8 } from 'fflate';
import { mapIds } from '../document/mapIds.ts';
import { mapEntries, withoutPictures } from '../document/referenceTable.ts';
import type { FileProblem } from '../document/fileProblem.ts';
import type { Workspace } from '../document/workspace.ts';
import { extractRig } from './extractRig.ts';
import { linkDictionary } from './linkDictionary.ts';
import { fromRadix41, toRadix41 } from './radix41.ts';
import { linksIn } from './linksIn.ts';
import { readParsed, readWorkspace, type ReadWorkspace } from './readWorkspace.ts';
import { isTooDeep } from './structure.ts';

/**
 * The kind of packing, before the dot. Small: for links that are sent; large: for codes, which like capitals. Since the second one a
 * checksum goes before what is packed, and ids are told from texts by a mark; the first is still read.
 */
const inLink = 'r2.';
const inCode = 'R2.';
/** Bytes of the checksum: CRC-32, which no change of up to 32 bits in a row passes, and so none of one sign or two. */
const checkBytes = 4;

/** What a link may be at most, signs: above, chats and browsers cut it off. A file takes its place. */
const longestLink = 16_000;
/** What a code of squares holds at most of ours, signs: its largest size with its least redundancy, less the address. */
export const longestCode = 4_150;
/** Bytes a link may unpack to: fifty times a full rig. More is meant to choke. */
const mostUnpacked = 2_000_000;
/** A link longer than this is not looked at, signs. */
const longestRead = 200_000;

const dictionary = strToU8(linkDictionary);

/** What of a rig's history is left out of a link, so that it fits: nothing; slips, trips, quotes and cases. */
type LeftOut = 'nothing' | 'history';

interface PackedRig {
  readonly text: string;
  readonly leftOut: LeftOut;
}

/**
 * A rig as text behind the # of an address, which no browser sends to a server. Without pictures.
 * @param as `link` to be sent, `code` to be shown as a code of squares
 * @returns null where there is no such rig, or where it is too large even without its history
 */
export function packRig(workspace: Workspace, rigId: string, as: 'link' | 'code'): PackedRig | null {
  const own = extractRig(workspace, rigId);
  if (!own) return null;
  const bare = mapEntries(own, withoutPictures);
  const ways: readonly (readonly [LeftOut, Workspace])[] = [
    ['nothing', bare],
    ['history', extractRig(withoutHistory(bare), rigId) ?? bare],
  ];
  for (const [leftOut, document] of ways) {
    const text = packed(document, as);
    if (text.length <= (as === 'link' ? longestLink : longestCode)) return { text, leftOut };
  }
  return null;
}

const withoutHistory = (workspace: Workspace): Workspace => ({
  ...workspace,
  tickets: [],
  trips: [],
  quotes: [],
  cases: [],
  bodies: workspace.bodies.map((body) => ({ ...body, formerPlates: undefined })),
});

/** Our own ids are long and random, which nothing makes shorter: in a link they are counted instead. */
const longId = /^[0-9a-f]{8}-[0-9a-f]{4}(?:-[0-9a-f]{4}){0,2}(?:-[0-9a-f]{12})?$/;
/** Before a counted id; a text that begins with it gets another one before it, so that it is none. */
const mark = '\u0001';

function packed(document: Workspace, as: 'link' | 'code'): string {
  const counted = new Map<string, number>();
  const count = (id: string) => {
    const number = counted.get(id) ?? counted.size;
    counted.set(id, number);
    return number;
  };
  const texts = mapStrings(document, (text) => (text.startsWith(mark) ? mark + text : text)) as Workspace;
  const ids = mapIds(texts, (id) => (longId.test(id) ? `${mark}${count(id)}` : id));
  const deflated = deflateSync(strToU8(JSON.stringify(ids)), { level: 9, dictionary });
  const bytes = new Uint8Array(checkBytes + deflated.length);
  new DataView(bytes.buffer).setUint32(0, crc32(deflated) >>> 0);
  bytes.set(deflated, checkBytes);
  return as === 'link' ? inLink + base64Url(bytes) : inCode + toRadix41(bytes);
}

/** Every text in some plain data; keys stay. */
function mapStrings(value: unknown, change: (text: string) => string): unknown {
  if (typeof value === 'string') return change(value);
  if (typeof value !== 'object' || value === null) return value;
  if (Array.isArray(value)) return value.map((one) => mapStrings(one, change));
  return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, mapStrings(one, change)]));
}

type LinkFault = 'foreignLink' | 'newerLink' | 'brokenLink' | 'linkTooLarge';
const refuse = (why: LinkFault | FileProblem): ReadWorkspace => ({
  ok: false,
  problem: typeof why === 'string' ? { code: why } : why,
});

/**
 * Reads a link, or what stands behind its #. Nothing of it is trusted: it is bounded before it is unpacked and while it is, and
 * then read as a file is. The same link gives the same ids, so that taken twice it is there once. What a mail program made of it
 * (lines broken, brackets or a full stop around it) is tried too.
 */
export function unpackRig(given: string): ReadWorkspace {
  if (given.length > longestRead) return refuse('linkTooLarge');
  let first: ReadWorkspace | undefined;
  for (const text of linksIn(given)) {
    const read = unpackOne(text);
    if (read.ok) return read;
    // What is wrong is said of the link as it stood; the others are guesses.
    first ??= read;
  }
  return first ?? refuse('foreignLink');
}

function unpackOne(text: string): ReadWorkspace {
  const kind = /^([rR])(\d{1,3})\.(.*)$/s.exec(text);
  if (!kind) return refuse('foreignLink');
  const [, letter, version, rest = ''] = kind;
  if (version !== '1' && version !== '2') return refuse('newerLink');
  const bytes = letter === 'r' ? fromBase64Url(rest) : fromRadix41(rest);
  if (!bytes) return refuse('brokenLink');
  return version === '1' ? unpackFirst(bytes) : unpackChecked(bytes);
}

function unpackChecked(bytes: Uint8Array): ReadWorkspace {
  const deflated = bytes.subarray(checkBytes);
  if (bytes.length <= checkBytes || new DataView(bytes.buffer).getUint32(0) !== crc32(deflated) >>> 0)
    return refuse('brokenLink');
  const unpacked = inflated(deflated);
  if ('fault' in unpacked) return refuse(unpacked.fault);
  if (isTooDeep(unpacked.json)) return refuse({ code: 'tooDeep' });
  let raw: unknown;
  try {
    raw = JSON.parse(unpacked.json);
  } catch {
    return refuse('brokenLink');
  }
  const prefix = nameOf(bytes);
  return readParsed(
    mapStrings(raw, (text) => {
      if (!text.startsWith(mark)) return text;
      return text.startsWith(mark + mark) ? text.slice(1) : `${prefix}-${text.slice(1)}`;
    }),
  );
}

/** The first kind had no checksum, and counted ids looked like texts. */
function unpackFirst(bytes: Uint8Array): ReadWorkspace {
  const unpacked = inflated(bytes);
  if ('fault' in unpacked) return refuse(unpacked.fault);
  const prefix = nameOf(bytes);
  const json = unpacked.json.replaceAll(/"_(\d{1,5})"/g, (_whole, number: string) => `"${prefix}-${number}"`);
  return readWorkspace(json);
}

function inflated(bytes: Uint8Array): { readonly json: string } | { readonly fault: LinkFault } {
  const parts: Uint8Array[] = [];
  let size = 0;
  let ended = false;
  const stream = new Inflate({ dictionary }, (part, last) => {
    size += part.length;
    if (size <= mostUnpacked) parts.push(part);
    ended ||= last;
  });
  try {
    // In small bites, so that what unpacks to very much is noticed before it has.
    for (let at = 0; at < bytes.length && size <= mostUnpacked; at += 256)
      stream.push(bytes.subarray(at, at + 256), at + 256 >= bytes.length);
    if (size > mostUnpacked) return { fault: 'linkTooLarge' };
    if (!ended) return { fault: 'brokenLink' };
    const whole = new Uint8Array(size);
    let at = 0;
    for (const part of parts) {
      whole.set(part, at);
      at += part.length;
    }
    return { json: strFromU8(whole) };
  } catch {
    return { fault: 'brokenLink' };
  }
}

/** A short name for some bytes (FNV-1a, 32 bits, twice): not a secret, only the same for the same. */
function nameOf(bytes: Uint8Array): string {
  const hash = (seed: number) => {
    let value = seed;
    for (const byte of bytes) value = Math.imul(value ^ byte, 0x01000193) >>> 0;
    return value.toString(36);
  };
  return `l${hash(0x811c9dc5)}${hash(0x050c5d1f)}`;
}

function base64Url(bytes: Uint8Array): string {
  let text = '';
  for (const byte of bytes) text += String.fromCharCode(byte);
  return btoa(text).replaceAll('+', '-').replaceAll('/', '_').replaceAll('=', '');
}

function fromBase64Url(text: string): Uint8Array | null {
  if (!/^[A-Za-z0-9_-]+$/.test(text)) return null;
  try {
    const binary = atob(text.replaceAll('-', '+').replaceAll('_', '/'));
    const bytes = Uint8Array.from(binary, (sign) => sign.charCodeAt(0));
    // The last sign has bits to spare: only as we write it is it ours.
    return base64Url(bytes) === text ? bytes : null;
  } catch {
    return null;
  }
}
