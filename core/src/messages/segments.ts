import type { Amount, Message, Param, Term } from './message.ts';

/** A run of a rendered message: plain text, or a piece that a screen may treat on its own. */
export type Segment =
  | { readonly kind: 'text'; readonly text: string }
  | { readonly kind: 'amount'; readonly text: string; readonly amount: Amount }
  | { readonly kind: 'term'; readonly text: string; readonly term: string };

/** What a renderer needs from the world: the message engine and the way amounts are written. */
export interface Speech {
  /** The catalogue's text for a key with its named values put in. `count` chooses the plural where there is one. */
  readonly translate: (key: string, named: Readonly<Record<string, string | number>>) => string;
  readonly amount: (amount: Amount) => string;
  readonly term: (name: string) => string;
}

/** Private-use characters stand for the rich values while the message engine works; no text people type has them. */
const open = '\uE000';
const close = '\uE001';

/** Renders a message tree into segments, so that each number in a sentence can open its arithmetic. */
export function segments(message: Message, speech: Speech): readonly Segment[] {
  const rich: Segment[][] = [];
  const named: Record<string, string | number> = {};
  for (const [name, param] of Object.entries(message.params ?? {})) {
    if (typeof param === 'number') named[name] = param;
    else {
      named[name] = `${open}${rich.length}${close}`;
      rich.push([...paramSegments(param, speech)]);
    }
  }
  if (message.key === 'verbatim') return rich[0] ?? [];
  const text = speech.translate(message.key, named);
  const out: Segment[] = [];
  for (const [index, part] of text.split(new RegExp(`${open}(\\d+)${close}`)).entries()) {
    if (index % 2 === 1) out.push(...(rich[Number(part)] ?? []));
    else if (part !== '') out.push({ kind: 'text', text: part });
  }
  return out;
}

/** The same as one plain line, for the command line, labels and file names. */
export function plainText(message: Message, speech: Speech): string {
  return segments(message, speech)
    .map((segment) => segment.text)
    .join('');
}

function paramSegments(param: Exclude<Param, number>, speech: Speech): readonly Segment[] {
  if (typeof param === 'string') return [{ kind: 'text', text: param.replaceAll(/[\uE000\uE001]/g, '') }];
  if (!('kind' in param)) return segments(param, speech);
  if (param.kind === 'amount') return [{ kind: 'amount', text: speech.amount(param), amount: param }];
  return [{ kind: 'term', text: speech.term((param satisfies Term).term), term: param.term }];
}
