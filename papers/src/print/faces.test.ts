import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { describe, expect, it } from 'vitest';
import { faces, runsOf, type FaceName } from './faces.ts';

const require = createRequire(import.meta.url);
/** The printer's own reader of fonts: which letters a file has. */
const { create } = require('fontkit') as { create: (bytes: Buffer) => { readonly characterSet: number[] } };
const has = (name: FaceName) => new Set(create(readFileSync(require.resolve(faces[name]))).characterSet);

describe('runs of a text', () => {
  const narrow = (['Barlow-Regular', 'Barlow-SemiBold', 'BarlowCondensed-SemiBold'] as const).map(has);
  const wide = has('NotoSans-Regular');

  it('are in a font that has their letters, for every sign there is in the first plane', () => {
    const wrong: string[] = [];
    for (let code = 0x20; code < 0xd800; code += 1) {
      const sign = String.fromCodePoint(code);
      for (const { text, font } of runsOf(sign))
        for (const one of text) {
          const at = one.codePointAt(0) ?? 0;
          if (!(font === 'Wide' ? wide.has(at) : narrow.every((set) => set.has(at)))) wrong.push(at.toString(16));
        }
    }
    expect(wrong).toEqual([]);
  });

  it('keep to one font where they can, and mark what none has', () => {
    expect(runsOf('Gas 11 kg, ± 2 ≤ 5 – “x”')).toEqual([{ text: 'Gas 11 kg, ± 2 ≤ 5 – “x”' }]);
    expect(runsOf('Łódź Привет 日')).toEqual([{ text: 'Łódź ' }, { text: 'Привет', font: 'Wide' }, { text: ' ¿' }]);
  });

  it('drop what turns the direction of writing or moves a cursor', () => {
    expect(runsOf('a\u202eb\u0007c\u200dd')).toEqual([{ text: 'abcd' }]);
  });
});
