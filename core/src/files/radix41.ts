/** Signs that a code of squares packs tightly (its alphanumeric kind) and that may stand after the # of an address as they are. */
const signs = '0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ$*+-.';
const base = signs.length;

/** Bytes as text: three signs for two bytes, two for one that is left over. */
export function toRadix41(bytes: Uint8Array): string {
  let text = '';
  for (let at = 0; at < bytes.length; at += 2) {
    const high = bytes[at] ?? 0;
    const low = bytes[at + 1];
    const value = low === undefined ? high : high * 256 + low;
    for (let n = low === undefined ? 2 : 3, rest = value; n > 0; n -= 1, rest = Math.floor(rest / base))
      text += signs[rest % base] ?? '';
  }
  return text;
}

/** The bytes again; null where the text is none of ours. */
export function fromRadix41(text: string): Uint8Array | null {
  const whole = Math.floor(text.length / 3);
  const over = text.length % 3;
  if (over === 1) return null;
  const bytes = new Uint8Array(2 * whole + (over === 2 ? 1 : 0));
  for (let at = 0, byte = 0; at < text.length; at += 3) {
    const part = text.slice(at, at + 3);
    let value = 0;
    for (const sign of [...part].reverse()) {
      const digit = signs.indexOf(sign);
      if (digit < 0) return null;
      value = value * base + digit;
    }
    if (value > (part.length === 3 ? 0xffff : 0xff)) return null;
    if (part.length === 3) bytes[byte++] = value >> 8;
    bytes[byte++] = value & 0xff;
  }
  return bytes;
}
