import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { hearScale, silentScale, type ScaleState, type ScaleWord } from './scaleLines.ts';

const hear = (...pieces: readonly string[]): readonly ScaleWord[] => {
  let state: ScaleState = silentScale;
  return pieces.flatMap((piece) => {
    const step = hearScale(state, piece);
    state = step.state;
    return step.words;
  });
};

describe('the reader of an indicator', () => {
  it.each([
    ['a steady line', 'steady 2480 kg\r\n', [{ kind: 'shows', kg: 2480, steady: true }]],
    ['a moving one', 'moving +2510 kg\n', [{ kind: 'shows', kg: 2510, steady: false }]],
    ['unstable, which is not stable', 'unstable 2510 kg\n', [{ kind: 'shows', kg: 2510, steady: false }]],
    ['tonnes with a comma', 'still  2,48 t\r', [{ kind: 'shows', kg: 2480, steady: true }]],
    ['grams', 'steady 12500 g\n', [{ kind: 'shows', kg: 12.5, steady: true }]],
    ['less than nothing', 'steady -40 kg\n', [{ kind: 'belowZero', kg: -40 }]],
    ['minus nothing', 'steady -0 kg\n', [{ kind: 'shows', kg: 0, steady: true }]],
    ['an overload by word', 'overload\n', [{ kind: 'tooHeavy' }]],
    ['an overload by mark', '^^^^^^\n', [{ kind: 'tooHeavy' }]],
    ['no unit', 'steady 2480\n', [{ kind: 'noise' }]],
    ['another unit', 'steady 2480 st9\n', [{ kind: 'noise' }]],
    ['a bell and dirt', '\u0007\u0000@@##\n', [{ kind: 'noise' }]],
    ['empty lines', '\r\n\r\n', []],
  ] as const)('reads %s', (_name, text, want) => {
    expect(hear(text)).toEqual(want);
  });

  it('reads pounds to the gram', () => {
    const [word] = hear('steady 1000 lb\n');
    expect(word?.kind === 'shows' && word.kg).toBeCloseTo(453.59237, 6);
  });

  it('waits for the other half of a line', () => {
    expect(hear('steady 24')).toEqual([]);
    expect(hear('steady 24', '80 k', 'g\r', '\nmov')).toEqual([{ kind: 'shows', kg: 2480, steady: true }]);
  });

  it('takes four lines alike for rest, where none of them says', () => {
    const words = hear('880 kg\n900 kg\n900 kg\n900 kg\n900 kg\n');
    expect(words.map((one) => one.kind === 'shows' && one.steady)).toEqual([false, false, false, false, true]);
  });

  it('forgets a line without an end, instead of keeping it for ever', () => {
    let state = silentScale;
    for (let at = 0; at < 50; at += 1) state = hearScale(state, 'x'.repeat(100)).state;
    expect(state.rest.length).toBeLessThanOrEqual(300);
    expect(hearScale(state, '\nsteady 900 kg\n').words.at(-1)).toEqual({ kind: 'shows', kg: 900, steady: true });
  });

  it('reads the same wherever the pieces are cut', () => {
    const text = 'moving 900 kg\r\nsteady 980 kg\r\noverload\r\n-20 kg\r\n??\r\nsteady 1,5 t\r\n';
    fc.assert(
      fc.property(fc.array(fc.nat({ max: text.length }), { maxLength: 12 }), (cuts) => {
        const at = [0, ...[...cuts].sort((a, b) => a - b), text.length];
        expect(hear(...at.slice(1).map((end, n) => text.slice(at[n], end)))).toEqual(hear(text));
      }),
    );
  });

  it('never fails and never makes up a mass, whatever comes', () => {
    fc.assert(
      fc.property(fc.array(fc.string({ unit: 'binary', maxLength: 300 }), { maxLength: 8 }), (pieces) => {
        for (const word of hear(...pieces, '\n')) {
          if (word.kind === 'shows') expect(Number.isFinite(word.kg) && word.kg >= 0).toBe(true);
        }
      }),
      { numRuns: 500 },
    );
  });
});
