import { describe, expect, it } from 'vitest';
import { kilograms, message, term, verbatim } from './message.ts';
import { plainText, segments, type Speech } from './segments.ts';

const words: Readonly<Record<string, string>> = {
  outer: '{a} and {b}: {inner}',
  inner: 'only {mass} of {word}',
  count: '{count} things',
};
const speech: Speech = {
  translate: (key, named) => (words[key] ?? key).replace(/\{(\w+)\}/g, (_, name: string) => String(named[name])),
  amount: (amount) => `${amount.value} ${amount.unit}`,
  term: (name) => `<${name}>`,
};

describe('segments of a message', () => {
  const tree = message('outer', {
    a: verbatim('{b} \uE0000\uE001'),
    b: 'plain',
    inner: message('inner', { mass: kilograms(34, 'load', 'axle.rear'), word: term('rearAxle') }),
  });

  it('keeps amounts and terms apart from the text, through nested messages', () => {
    const parts = segments(tree, speech);
    expect(parts.find((part) => part.kind === 'amount')).toMatchObject({
      text: '34 kg',
      amount: { opens: 'axle.rear' },
    });
    expect(parts.find((part) => part.kind === 'term')).toMatchObject({ text: '<rearAxle>', term: 'rearAxle' });
    expect(parts.filter((part) => part.kind === 'text').every((part) => part.text !== '')).toBe(true);
  });

  it('shows an owner’s words as typed, braces and all, and drops what could forge a marker', () => {
    expect(plainText(tree, speech)).toBe('{b} 0 and plain: only 34 kg of <rearAxle>');
  });

  it('hands plain numbers to the message engine, which may choose a plural by them', () => {
    expect(plainText(message('count', { count: 3 }), speech)).toBe('3 things');
  });
});
