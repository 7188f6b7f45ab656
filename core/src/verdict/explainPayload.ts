import { payloadOrigins, type PayloadPart } from '../loading/payload.ts';
import { message } from '../messages/message.ts';
import type { LoadOrigin } from '../statics/pointLoad.ts';
import type { Assessment } from './assess.ts';
import { work, type Explanation } from './explanation.ts';

/** What stands behind one line of the payload sheet. @param key side/part */
export function explainPayload({ compiled }: Assessment, key: string): Explanation | null {
  const [side, part] = key.split('/');
  const body = side === 'vehicle' || side === 'trailer' ? compiled.view[side] : undefined;
  if (!body || part === undefined || !(part in payloadOrigins)) return null;
  const origins: readonly LoadOrigin[] = payloadOrigins[part as PayloadPart];
  const operands = compiled.loads
    .filter((load) => load.side === side && origins.includes(load.origin) && load.mass !== 0)
    .map((load) => ({ name: load.name, value: load.mass, unit: 'kg' as const }));
  const title = message(`payload.${part}`);
  return { title, steps: [work('sum', operands, title)] };
}
