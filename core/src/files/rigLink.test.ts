import fc from 'fast-check';
import { deflateSync, strToU8 } from 'fflate';
import { describe, expect, it } from 'vitest';
import { mapEntries, withoutPictures } from '../document/referenceTable.ts';
import { photosIn } from '../document/photosIn.ts';
import { fileVersion } from '../document/fileVersion.ts';
import type { Workspace } from '../document/workspace.ts';
import { exampleNames, exampleWorkspace } from '../testing/examples.ts';
import { extractRig } from './extractRig.ts';
import { planMerge } from './mergeWorkspaces.ts';
import { fromRadix41, toRadix41 } from './radix41.ts';
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
/** Packed as ours are, whatever it is: the dictionary is left out, which a reader does not mind. */
const packed = (json: string): string => `r1.${Buffer.from(deflateSync(strToU8(json))).toString('base64url')}`;

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
      expect(code?.text).toMatch(/^R1\.[0-9A-Z$*+\-.]+$/);
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
    expect(problem('r2.AAAA')).toBe('newerLink');
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
