import { beforeEach, describe, expect, it } from 'vitest';
import { sameInNextRow } from './listArrows.ts';

const at = (id: string): HTMLElement => {
  const found = document.getElementById(id);
  if (!found) throw new Error(id);
  return found;
};
const from = (id: string, down = true) => sameInNextRow(at(id), down)?.id ?? null;

describe('up and down in a list', () => {
  beforeEach(() => {
    Element.prototype.checkVisibility = () => true;
    document.body.innerHTML = `
      <section><ul>
        <li><button id="a1"></button><button id="a2"></button></li>
        <li>only words</li>
        <li><button id="b1"></button></li>
      </ul></section>
      <section><div data-row><button id="c-name" data-cell="name"></button><button id="c-mass" data-cell="mass"></button></div>
      <div data-row><span><input id="d-pick" type="checkbox" /></span><button id="d-name" data-cell="name"></button><button id="d-mass" data-cell="mass"></button></div>
      <div><button id="e" data-row></button></div></section>
      <button id="free"></button>`;
  });

  it('keeps its column, passes over rows without anything, and stops at the ends', () => {
    expect(from('a1')).toBe('b1');
    expect(from('a2')).toBe('b1');
    expect(from('b1', false)).toBe('a1');
    expect(from('b1')).toBeNull();
    expect(from('a1', false)).toBeNull();
  });

  it('goes by the name of a cell where rows are built differently', () => {
    expect(from('c-mass')).toBe('d-mass');
    expect(from('d-name', false)).toBe('c-name');
  });

  it('goes on from one group of a section to the next, also where a row is one button', () => {
    expect(from('d-mass')).toBe('e');
    expect(from('e', false)).toBe('d-pick');
  });

  it('leaves alone what is in no list', () => {
    expect(from('free')).toBeNull();
  });
});
