import { deflateSync, Inflate, strFromU8, strToU8 } from 'fflate';
import { mapEntries, withoutPictures } from '../document/referenceTable.ts';
import type { Workspace } from '../document/workspace.ts';
import { extractRig } from './extractRig.ts';
import { linkDictionary } from './linkDictionary.ts';
import { fromRadix41, toRadix41 } from './radix41.ts';
import { readWorkspace, type ReadWorkspace } from './readWorkspace.ts';

/** The kind of packing, before the dot. Small: for links that are sent; large: for codes, which like capitals. */
const inLink = 'r1.';
const inCode = 'R1.';

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
const longId = /"([0-9a-f]{8}-[0-9a-f]{4}(?:-[0-9a-f]{4}){0,2}(?:-[0-9a-f]{12})?)"/g;
const countedId = /"_(\d{1,5})"/g;

function packed(document: Workspace, as: 'link' | 'code'): string {
  const counted = new Map<string, number>();
  const json = JSON.stringify(document).replaceAll(longId, (_whole, id: string) => {
    const known = counted.get(id) ?? counted.size;
    counted.set(id, known);
    return `"_${known}"`;
  });
  const bytes = deflateSync(strToU8(json), { level: 9, dictionary });
  return as === 'link' ? inLink + base64Url(bytes) : inCode + toRadix41(bytes);
}

type LinkFault = 'foreignLink' | 'newerLink' | 'brokenLink' | 'linkTooLarge';
const refuse = (code: LinkFault): ReadWorkspace => ({ ok: false, problem: { code } });

/**
 * Reads a link, or what stands behind its #. Nothing of it is trusted: it is bounded before it is unpacked and while it is, and
 * then read as a file is. The same link gives the same ids, so that taken twice it is there once.
 */
export function unpackRig(given: string): ReadWorkspace {
  if (given.length > longestRead) return refuse('linkTooLarge');
  const text = given.trim().split('#').at(-1) ?? '';
  const kind = /^([rR])(\d{1,3})\.(.+)$/s.exec(text);
  if (!kind) return refuse('foreignLink');
  const [, letter, version, rest = ''] = kind;
  if (version !== '1') return refuse('newerLink');
  const bytes = letter === 'r' ? fromBase64Url(rest) : fromRadix41(rest);
  if (!bytes) return refuse('brokenLink');
  const unpacked = inflated(bytes);
  if ('fault' in unpacked) return refuse(unpacked.fault);
  const prefix = checksum(bytes);
  return readWorkspace(unpacked.json.replaceAll(countedId, (_whole, number: string) => `"${prefix}-${number}"`));
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
function checksum(bytes: Uint8Array): string {
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
    return Uint8Array.from(binary, (sign) => sign.charCodeAt(0));
  } catch {
    return null;
  }
}
