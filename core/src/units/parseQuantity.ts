import { tokens, type NumberOptions, type Token, type TokenProblem } from './tokens.ts';
import { ambiguousUnits, unitTable, type QuantityKind } from './unitTable.ts';

export type QuantityProblem =
  | TokenProblem
  | { readonly code: 'empty' | 'unfinished' | 'notFinite' | 'dividesByZero' }
  | { readonly code: 'unknownUnit' | 'ambiguousUnit' | 'unexpected'; readonly text: string }
  | { readonly code: 'mixedUnits' | 'notOneDimension' };

export type ParsedQuantity =
  | { readonly ok: true; readonly value: number; readonly unit: string; readonly typed: string }
  | { readonly ok: false; readonly problem: QuantityProblem };

/** Longer text is no quantity; refusing it early keeps hostile input cheap. */
const longestQuantity = 80;

/**
 * Reads what a person types for a quantity: `1750`, `185 lb`, `6 ft 2`, `4.5t`, `12 gal us`, `2*12.5`, `3 1/2 in`.
 * @param kind what is asked for; decides the units understood
 * @param bareUnit the unit a number without one takes (a key of `unitTable[kind]`)
 * @returns the value in the inner unit (kg, m, L, kPa, kN, %), the first unit typed, and the text kept for show;
 *   or a problem that says what could not be read. Never guesses between two readings and never throws on input.
 */
export function parseQuantity(
  text: string,
  kind: QuantityKind,
  bareUnit: string,
  options: NumberOptions = {},
): ParsedQuantity {
  const typed = text.trim();
  if (typed === '') return fail({ code: 'empty' });
  if (typed.length > longestQuantity) return fail({ code: 'unexpected', text: `${typed.slice(0, 20)}…` });
  const cut = tokens(typed, options);
  if ('code' in cut) return fail(cut);
  const reader = new Reader(cut, kind);
  const read = reader.expression();
  if ('code' in read) return fail(read);
  if (read.share) return fail({ code: 'notOneDimension' });
  const left = reader.peek();
  if (left) return fail({ code: 'unexpected', text: left.text });
  const factor = unitTable[kind][bareUnit]?.factor ?? 1;
  const value = read.unit === undefined ? read.value * factor : read.value;
  if (!Number.isFinite(value)) return fail({ code: 'notFinite' });
  return { ok: true, value, unit: read.unit ?? bareUnit, typed };
}

const fail = (problem: QuantityProblem): ParsedQuantity => ({ ok: false, problem });

/** A value already in inner units when it has a unit, a plain number when it has none. */
interface Term {
  readonly value: number;
  readonly unit: string | undefined;
  /** So many per cent: of something, never by itself. */
  readonly share?: boolean;
}
type Read = Term | QuantityProblem;

/** Recursive descent over the tokens: expression, product, factor, quantity. Lives for one parse only. */
class Reader {
  private next = 0;
  constructor(
    private readonly all: readonly Token[],
    private readonly kind: QuantityKind,
  ) {}

  peek(ahead = 0): Token | undefined {
    return this.all[this.next + ahead];
  }

  private takeSign(...wanted: string[]): string | undefined {
    const token = this.peek();
    if (token?.kind !== 'sign' || !wanted.includes(token.text)) return undefined;
    this.next += 1;
    return token.text;
  }

  expression(): Read {
    let left = this.product();
    for (let sign; !('code' in left) && (sign = this.takeSign('+', '-'));) {
      const right = this.product();
      if ('code' in right) return right;
      if (left.share || right.share) return { code: 'notOneDimension' };
      if ((left.unit === undefined) !== (right.unit === undefined)) return { code: 'mixedUnits' };
      left = { value: sign === '+' ? left.value + right.value : left.value - right.value, unit: left.unit };
    }
    return left;
  }

  private product(): Read {
    let left = this.factor();
    for (let sign; !('code' in left) && (sign = this.takeSign('*', '/'));) {
      const right = this.factor();
      if ('code' in right) return right;
      if (sign === '/' && right.value === 0) return { code: 'dividesByZero' };
      if (right.unit !== undefined && (sign === '/' || left.unit !== undefined)) return { code: 'notOneDimension' };
      left = {
        value: sign === '*' ? left.value * right.value : left.value / right.value,
        unit: left.unit ?? right.unit,
        share: left.share === true && right.share === true,
      };
    }
    return left;
  }

  private factor(): Read {
    if (this.takeSign('-')) {
      const inner = this.factor();
      return 'code' in inner ? inner : { ...inner, value: -inner.value };
    }
    if (this.takeSign('(')) {
      const inner = this.expression();
      if ('code' in inner) return inner;
      return this.takeSign(')') ? inner : { code: 'unfinished' };
    }
    return this.quantity();
  }

  /** A number with its unit, and the smaller units that may follow it: 6 ft 2 1/2. */
  private quantity(): Read {
    let total = 0;
    let first: string | undefined;
    let implied: string | undefined;
    let last = Infinity;
    for (;;) {
      const amount = this.number();
      if (amount === undefined) {
        if (first !== undefined) return { value: total, unit: first };
        const token = this.peek();
        return token ? { code: 'unexpected', text: token.text } : { code: 'unfinished' };
      }
      if (first === undefined && this.takePercent()) return { value: amount / 100, unit: undefined, share: true };
      const unit = this.unit();
      if (typeof unit === 'object') return unit;
      if (unit === undefined && first === undefined) return { value: amount, unit: undefined };
      const name = unit ?? implied;
      const def = name === undefined ? undefined : unitTable[this.kind][name];
      if (!def || def.factor >= last) return { code: 'unexpected', text: String(amount) };
      total += amount * def.factor;
      last = def.factor;
      first ??= name;
      implied = def.then;
    }
  }

  /** A number, a fraction before a unit (1/2 in) or a mixed number (3 1/2). A bare 1/2 is left to division. */
  private number(): number | undefined {
    const whole = this.peek();
    if (whole?.kind !== 'number') return undefined;
    this.next += 1;
    if (this.isFraction(0) && Number.isInteger(whole.value)) {
      const [top, bottom] = [this.peek(0), this.peek(2)] as const;
      if (top?.kind === 'number' && bottom?.kind === 'number' && top.value < bottom.value) {
        this.next += 3;
        return whole.value + top.value / bottom.value;
      }
    }
    const slash = this.peek(0);
    const bottom = this.peek(1);
    if (slash?.text === '/' && bottom?.kind === 'number' && bottom.value !== 0 && this.peek(2)?.kind === 'word') {
      this.next += 2;
      return whole.value / bottom.value;
    }
    return whole.value;
  }

  private isFraction(from: number): boolean {
    const bottom = this.peek(from + 2);
    return (
      this.peek(from)?.kind === 'number' &&
      this.peek(from + 1)?.text === '/' &&
      bottom?.kind === 'number' &&
      bottom.value > 0
    );
  }

  /** A share of what it is multiplied with (2350*9%), where no share is asked for itself. */
  private takePercent(): boolean {
    if (this.kind === 'percent' || this.peek()?.text !== '%') return false;
    this.next += 1;
    return true;
  }

  private unit(): string | undefined | QuantityProblem {
    const token = this.peek();
    if (token?.kind !== 'word') return undefined;
    for (const [unit, def] of Object.entries(unitTable[this.kind])) {
      if (def.names.includes(token.text)) {
        this.next += 1;
        return unit;
      }
    }
    if (ambiguousUnits[this.kind]?.includes(token.text)) return { code: 'ambiguousUnit', text: token.text };
    return { code: 'unknownUnit', text: token.text };
  }
}
