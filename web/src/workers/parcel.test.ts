// @vitest-environment node
import { BlobWriter, TextReader, Uint8ArrayReader, ZipWriter } from '@zip.js/zip.js';
import { describe, expect, it } from 'vitest';
import { hashOf } from './hash.ts';
import { openParcel, packParcels } from './parcel.ts';

const bytes = (text: string) => new TextEncoder().encode(text);
const picture = async (text: string) => {
  const blob = new Blob([bytes(text)], { type: 'image/jpeg' });
  return { hash: await hashOf(await blob.arrayBuffer()), blob };
};
const zipOf = async (files: readonly (readonly [string, string | Uint8Array])[]): Promise<Blob> => {
  const zip = new ZipWriter(new BlobWriter('application/zip'), { level: 9 });
  for (const [name, content] of files) {
    await zip.add(name, typeof content === 'string' ? new TextReader(content) : new Uint8ArrayReader(content));
  }
  return zip.close();
};
const packParcel = async (text: string, files: Parameters<typeof packParcels>[1]): Promise<Blob> => {
  const [one, ...more] = (await packParcels(text, files)) ?? [];
  if (!one || more.length > 0) throw new Error('not one parcel');
  return one;
};
const document = ['document.wagonomos.json', '{}'] as const;

describe('a parcel', () => {
  it('comes back as it went out', async () => {
    const pictures = [await picture('one'), await picture('two')];
    const opened = await openParcel(await packParcel('{"name":"Büro"}', pictures));
    expect(opened).toMatchObject({ ok: true, text: '{"name":"Büro"}', forged: 0 });
    if (!opened.ok) return;
    expect(opened.files.map(({ hash }) => hash)).toEqual(pictures.map(({ hash }) => hash));
    expect(await opened.files[1]?.blob.text()).toBe('two');
  });

  it('that would be more than one may hold is several, each of which can be opened, and together they hold all', async () => {
    const papers = await Promise.all(
      Array.from({ length: 22 }, async (_, n) => {
        const blob = new Blob([new Uint8Array(11_900_000).fill(n + 1)], { type: 'application/pdf' });
        return { hash: await hashOf(await blob.arrayBuffer()), blob };
      }),
    );
    const made = (await packParcels('{"name":"Yard"}', papers)) ?? [];
    expect(made).toHaveLength(2);
    const opened = await Promise.all(made.map(openParcel));
    expect(opened.map((one) => one.ok && one.text)).toEqual(['{"name":"Yard"}', '{"name":"Yard"}']);
    const hashes = opened.flatMap((one) => (one.ok ? one.files.map(({ hash }) => hash) : []));
    expect(hashes).toEqual(papers.map(({ hash }) => hash));
    const tooLong = 'x'.repeat(20_000_001);
    expect(await packParcels(tooLong, [])).toBeNull();
  }, 30_000);

  it('is refused when it is none, or holds no document', async () => {
    expect(await openParcel(new Blob(['hello']))).toEqual({ ok: false, why: 'notAParcel' });
    expect(await openParcel(new Blob([]))).toEqual({ ok: false, why: 'notAParcel' });
    expect(await openParcel(await zipOf([['else.txt', 'x']]))).toEqual({ ok: false, why: 'noDocument' });
  });

  it('is called damaged when it is cut short or a byte of it has changed', async () => {
    const whole = await packParcel('{"a":"some text that is packed"}', [await picture('a picture of a plate')]);
    expect(await openParcel(whole.slice(0, whole.size - 30))).toEqual({ ok: false, why: 'damaged' });
    const changed = new Uint8Array(await whole.arrayBuffer());
    const at = new TextDecoder('latin1').decode(changed).indexOf('a picture of');
    changed[at] = 0x41;
    expect(await openParcel(new Blob([changed]))).toEqual({ ok: false, why: 'damaged' });
  });

  it('takes no picture for what it is not', async () => {
    const { hash } = await picture('the owner’s own');
    const opened = await openParcel(await zipOf([document, [`pictures/${hash}.jpg`, 'something else']]));
    expect(opened).toMatchObject({ ok: true, files: [], forged: 1 });
  });

  it('is refused before it is unpacked when it would fill the memory', async () => {
    const zeros = new Uint8Array(11_000_000);
    const many = Array.from({ length: 24 }, (_, n) => [`pictures/${String(n).padStart(64, '0')}.jpg`, zeros] as const);
    const bomb = await zipOf([document, ...many]);
    expect(bomb.size).toBeLessThan(1_000_000);
    expect(await openParcel(bomb)).toEqual({ ok: false, why: 'tooLarge' });
    expect(await openParcel(await zipOf([[document[0], new Uint8Array(21_000_000)]]))).toEqual({
      ok: false,
      why: 'tooLarge',
    });
  });

  it('is stopped when more comes than was said', async () => {
    const zip = new Uint8Array(await (await zipOf([[document[0], new Uint8Array(21_000_000)]])).arrayBuffer());
    // The size it says in both of its records.
    const view = new DataView(zip.buffer);
    for (let at = 0; at + 4 <= zip.length; at += 1)
      if (view.getUint32(at, true) === 21_000_000) view.setUint32(at, 100, true);
    expect(await openParcel(new Blob([zip]))).toEqual({ ok: false, why: 'damaged' });
  });

  it('never throws, whatever bytes come', async () => {
    const whole = new Uint8Array(await (await packParcel('{"a":1}', [await picture('x')])).arrayBuffer());
    for (let seed = 1; seed < 300; seed += 1) {
      const scratched = whole.slice();
      for (let n = 0; n < 3; n += 1) scratched[(seed * 7919 + n * 104729) % scratched.length] = (seed * 31 + n) & 255;
      const opened = await openParcel(new Blob([scratched]));
      if (opened.ok) expect(opened.files.length + opened.forged).toBeLessThanOrEqual(1);
    }
  });
});
