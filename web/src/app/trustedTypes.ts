/** What the browser asks before a text becomes part of the page or an address a script; no library of types has it yet. */
interface PolicyFactory {
  readonly createPolicy: (
    name: string,
    rules: Readonly<Record<'createHTML' | 'createScriptURL' | 'createScript', (text: string) => string>>,
  ) => unknown;
}

/** Markup that runs or fetches something: none of the libraries writes it, and so nobody does. In a name that is shown it is no tag. */
const runs =
  /<\s*\/?\s*(?:script|iframe|frame|object|embed|base|link|meta|form)\b|<\s*[a-z][^<>]*?(?:[\s/"']on[a-z]+\s*=|\bjavascript\s*:)/i;

/** Whether a text may become markup: what draws charts and lists writes such texts, and names of an owner's may be among them. */
export const isHarmless = (html: string): boolean => !runs.test(html);

/** Whether a script, a worker or a service worker may come from an address: from our own place alone. */
export function isOurs(address: string, origin: string): boolean {
  try {
    const url = new URL(address, origin);
    return url.origin === origin && /^https?:$/.test(url.protocol);
  } catch {
    return false;
  }
}

const refuse = (what: string): never => {
  throw new TypeError(what);
};

/** Where the browser enforces it, whatever becomes markup, script or the address of one in this page goes through these rules. */
const factory = (window as unknown as { readonly trustedTypes?: PolicyFactory }).trustedTypes;
factory?.createPolicy('default', {
  createHTML: (html) => (isHarmless(html) ? html : refuse('markup that runs something is no part of this page')),
  createScriptURL: (address) =>
    isOurs(address, location.origin) ? address : refuse('scripts come from this place alone'),
  createScript: () => refuse('no text is run as a script'),
});
