import crc32 from 'crc/calculators/crc32';
import fc from 'fast-check';
import { deflateSync, strToU8 } from 'fflate';
import { describe, expect, it } from 'vitest';
import { mapEntries, withoutPictures } from '../document/referenceTable.ts';
import { photosIn } from '../document/photosIn.ts';
import { fileVersion } from '../document/fileVersion.ts';
import { mapIds } from '../document/mapIds.ts';
import type { Workspace } from '../document/workspace.ts';
import { exampleNames, exampleWorkspace } from '../testing/examples.ts';
import { extractRig } from './extractRig.ts';
import { planMerge } from './mergeWorkspaces.ts';
import { fromRadix41, toRadix41 } from './radix41.ts';
import { readWorkspace } from './readWorkspace.ts';
import { longestCode, packRig, unpackRig } from './rigLink.ts';

const demo = exampleNames.map(exampleWorkspace);
const first = (workspace: Workspace) => workspace.rigs[0]?.id ?? '';
const opened = (text: string): Workspace => {
  const read = unpackRig(text);
  if (!read.ok) throw new Error(JSON.stringify(read.problem));
  return read.workspace;
};
const problem = (text: string) => {
  const read = unpackRig(text);
  return read.ok ? null : read.problem.code;
};
/** Packed as ours are, whatever it is, checksum and all: the dictionary is left out, which a reader does not mind. */
const packed = (json: string): string => {
  const deflated = deflateSync(strToU8(json));
  const check = Buffer.alloc(4);
  check.writeUInt32BE(crc32(deflated) >>> 0);
  return `r2.${Buffer.concat([check, deflated]).toString('base64url')}`;
};

describe('a rig in a link', () => {
  it.each(demo.map((one) => [one.name, one] as const))('comes back as it went, without pictures: %s', (_name, one) => {
    for (const { id } of one.rigs) {
      const link = packRig(one, id, 'link');
      const own = extractRig(one, id);
      expect(link?.leftOut).toBe('nothing');
      expect(opened(link?.text ?? '')).toEqual(own && mapEntries(own, withoutPictures));
    }
  });

  it('fits a code of squares for every demo rig, what is left out being its history alone', () => {
    for (const one of demo) {
      const code = packRig(one, first(one), 'code');
      expect(code?.text.length).toBeLessThanOrEqual(longestCode);
      expect(code?.text).toMatch(/^R2\.[0-9A-Z$*+\-.]+$/);
      const own = extractRig(one, first(one));
      const back = opened(code?.text ?? '');
      expect(back.rigs).toEqual(own?.rigs);
      expect(back.things.length).toBe(own?.things.length);
      expect(back.bodies.map(({ id, places, tanks }) => ({ id, places, tanks }))).toEqual(
        own?.bodies.map(({ id, places, tanks }) => ({ id, places, tanks })),
      );
      if (code?.leftOut === 'history')
        expect([back.tickets, back.trips, back.quotes, back.cases]).toEqual([[], [], [], []]);
    }
  });

  it('is read with its address before it, and with blanks around it', () => {
    const one = demo[0]!;
    const { text } = packRig(one, first(one), 'link')!;
    expect(opened(` https://example.org/take#${text}\n`).rigs.length).toBe(1);
  });

  it('counts our long ids, and gives the same ones each time it is opened', () => {
    const one = demo[0]!;
    const ours = JSON.parse(JSON.stringify(one).replaceAll(`"${one.bodies[0]!.id}"`, '"0f3a5b7c-1d2e"')) as Workspace;
    const { text } = packRig(ours, first(ours), 'link')!;
    const once = opened(text);
    expect(JSON.stringify(once)).not.toContain('0f3a5b7c');
    expect(once).toEqual(opened(text));
    const plan = planMerge(once, opened(text));
    expect(plan.same.bodies.size).toBe(once.bodies.length);
    expect(plan.renamed.bodies.size).toBe(0);
  });

  it('leaves every text as it is, of whatever shape, also one that looks like an id', () => {
    const shapes = ['_7', '_1', '00012345-2026', '0f3a5b7c-1d2e', '\u0001', '\u00013', '\u0001\u00013', '"_4"', 'l4-1'];
    const text = fc.oneof(fc.constantFrom(...shapes), fc.string({ unit: 'binary', maxLength: 60 }));
    // As a field would take it: not empty, without blanks around it.
    const name = text.map((one) => one.trim().slice(0, 80).trim()).filter((one) => one !== '');
    fc.assert(
      fc.property(fc.constantFrom(...demo), fc.array(name, { minLength: 8, maxLength: 8 }), (one, names) => {
        let n = 0;
        const named = <Entry extends { readonly name: string }>(entry: Entry): Entry => ({
          ...entry,
          name: names[n++ % names.length] ?? '',
        });
        const ours = {
          ...one,
          things: one.things.map(named),
          rigs: one.rigs.map(named),
          bodies: one.bodies.map((body) => ({
            ...named(body),
            note: names[0],
            plates: body.plates.map((plate) => ({
              ...plate,
              figures: plate.figures.map((figure) => ({ ...figure, typed: names[1] })),
            })),
          })),
        } as unknown as Workspace;
        const sound = readWorkspace(JSON.stringify(ours));
        if (!sound.ok) throw new Error(JSON.stringify(sound.problem));
        const own = extractRig(sound.workspace, first(one));
        const back = opened(packRig(sound.workspace, first(one), 'link')!.text);
        expect(back).toEqual(own && mapEntries(own, withoutPictures));
      }),
      { numRuns: 60 },
    );
  });

  it('counts every id of ours wherever it stands, and no other text', () => {
    for (const one of demo) {
      const long = new Map<string, string>();
      const ours = mapIds(one, (id) => {
        const known = long.get(id) ?? `${(0x10000000 + long.size).toString(16)}-abcd`;
        long.set(id, known);
        return known;
      }) as Workspace;
      const own = extractRig(ours, first(ours))!;
      const back = opened(packRig(ours, first(ours), 'link')!.text);
      // Ids that are the same stay the same, and those that differ differ: told by their order alone both are one document.
      const inOrder = (document: Workspace) => {
        const order = new Map<string, number>();
        const mapped = mapIds(document, (id) => {
          order.set(id, order.get(id) ?? order.size);
          return `id ${order.get(id)}`;
        });
        return { mapped, ids: order.size };
      };
      expect(inOrder(back)).toEqual(inOrder(mapEntries(own, withoutPictures)));
      expect(JSON.stringify(back)).not.toMatch(/1000[0-9a-f]{4}-abcd/);
    }
  });

  it('refuses every single changed sign, and two that changed places', () => {
    for (const as of ['link', 'code'] as const) {
      const { text } = packRig(demo[0]!, first(demo[0]!), as)!;
      const signs = as === 'link' ? 'AZaz09-_' : '0AZ$.+7K';
      for (let at = 3; at < text.length; at += 1) {
        const sign = signs[at % signs.length] === text[at] ? signs[(at + 1) % signs.length] : signs[at % signs.length];
        expect(unpackRig(text.slice(0, at) + sign + text.slice(at + 1)).ok, `${as} ${at} ${sign}`).toBe(false);
        const swapped = text.slice(0, at) + (text[at + 1] ?? '') + (text[at] ?? '') + text.slice(at + 2);
        if (swapped !== text) expect(unpackRig(swapped).ok, `${as} ${at} swapped`).toBe(false);
      }
    }
  }, 30_000);

  it('made by an earlier version of the app is read still', () => {
    const van = exampleWorkspace('british-van-with-scooter');
    const json = JSON.stringify(van).replaceAll('"sandpiper-van"', '"_0"');
    const old = `r1.${Buffer.from(deflateSync(strToU8(json))).toString('base64url')}`;
    const back = opened(`https://example.org/take#${old}`);
    expect(back.things).toEqual(van.things);
    expect(back.bodies.map(({ id }) => id)).toContainEqual(expect.stringMatching(/^l.*-0$/));
  });

  it('is read as a letter brings it: broken over lines, quoted, in brackets, at the end of a sentence', () => {
    const one = demo[1]!;
    const { text } = packRig(one, first(one), 'link')!;
    const url = `https://example.org/take#${text}`;
    const broken = (url.match(/.{1,76}/g) ?? []).join('\r\n');
    const whole = opened(text);
    for (const letter of [
      `<${url}>`,
      `${url}.`,
      `(${url}).`,
      `Our caravan: ${url} , have a look`,
      broken,
      `Hello\n\n${broken}\n\nSee you at #7, Sam`,
      (url.match(/.{1,70}/g) ?? []).map((line) => `> ${line}`).join('\n'),
      (url.match(/.{1,74}/g) ?? []).join('=\r\n'),
      `\u00a0“${url}”\n`,
    ])
      expect(opened(letter)).toEqual(whole);
    const code = packRig(one, first(one), 'code')!;
    expect(opened(`HTTPS://EXAMPLE.ORG/TAKE#${code.text}.`).rigs).toEqual(opened(code.text).rigs);
  });

  it('takes no picture along', () => {
    const hash = 'a'.repeat(64);
    const one = demo[0]!;
    const [body, ...bodies] = one.bodies;
    const [plate, ...plates] = body!.plates;
    const ours = {
      ...one,
      bodies: [{ ...body!, plates: [{ ...plate!, photo: hash }, ...plates] }, ...bodies],
    } as Workspace;
    expect(photosIn(ours)).toEqual([hash]);
    const back = opened(packRig(ours, first(ours), 'link')!.text);
    expect(photosIn(back)).toEqual([]);
    expect(back.bodies[0]!.plates.length).toBe(body!.plates.length);
  });

  it('is no link where there is no such rig', () => {
    expect(packRig(demo[0]!, 'nobody', 'link')).toBeNull();
  });
});

describe('a hostile link', () => {
  it('is refused for what it is', () => {
    expect(problem('')).toBe('foreignLink');
    expect(problem('https://example.org/#hello')).toBe('foreignLink');
    expect(problem('r3.AAAA')).toBe('newerLink');
    expect(problem('r2.AAAA')).toBe('brokenLink');
    expect(problem('r1.!!!!')).toBe('brokenLink');
    expect(problem('R1.abc')).toBe('brokenLink');
    expect(problem('x'.repeat(300_000))).toBe('linkTooLarge');
    expect(problem(packed('{"format":"other","version":1}'))).toBe('foreign');
    expect(problem(packed(`{"format":"wagonomos","version":${fileVersion + 1}}`))).toBe('newer');
    expect(problem(packed('['.repeat(5000)))).toBe('tooDeep');
  });

  it('stops unpacking long before a bomb has gone off', () => {
    const bomb = packed(' '.repeat(60_000_000));
    expect(bomb.length).toBeLessThan(100_000);
    const before = process.memoryUsage().arrayBuffers;
    expect(problem(bomb)).toBe('linkTooLarge');
    expect(process.memoryUsage().arrayBuffers - before).toBeLessThan(30_000_000);
  });

  it('cut off anywhere is refused, and never half a rig', () => {
    const one = demo[0]!;
    const { text } = packRig(one, first(one), 'link')!;
    fc.assert(
      fc.property(fc.integer({ min: 3, max: text.length - 1 }), (length) => {
        expect(unpackRig(text.slice(0, length)).ok).toBe(false);
      }),
      { numRuns: 60 },
    );
  });

  it('never throws, whatever it is', () => {
    fc.assert(fc.property(fc.string(), (text) => void unpackRig(`r1.${text}`)));
    fc.assert(fc.property(fc.base64String(), (text) => void unpackRig(`r1.${text.replaceAll('=', '')}`)));
  });
});

describe('bytes as signs of a code', () => {
  it('come back as they were, two in three signs', () => {
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 200 }), (bytes) => {
        const text = toRadix41(bytes);
        expect(text.length).toBe(Math.ceil(bytes.length * 1.5));
        expect(fromRadix41(text)).toEqual(bytes);
      }),
    );
  });

  it('are none where a sign or a number is not ours', () => {
    expect(fromRadix41('0')).toBeNull();
    expect(fromRadix41('a0')).toBeNull();
    expect(fromRadix41('...')).toBeNull();
    expect(fromRadix41('..')).toBeNull();
  });
});
