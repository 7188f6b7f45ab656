import { payloadOrigins, type PayloadPart } from '../loading/payloadOrigins.ts';
import { message } from '../messages/message.ts';
import type { LoadOrigin } from '../statics/pointLoad.ts';
import type { Assessment } from './assess.ts';
import { work, type Explanation } from './explanation.ts';

/** What stands behind one line of the payload sheet. @param key side/part */
export function explainPayload({ loads }: Assessment, key: string): Explanation | null {
  const [side, part] = key.split('/');
  const body = side === 'vehicle' || side === 'trailer' ? loads.view[side] : undefined;
  if (!body || part === undefined || loads.from === 'slip') return null;
  if (part !== 'camper' && !(part in payloadOrigins)) return null;
  const origins: readonly LoadOrigin[] = part === 'camper' ? [] : payloadOrigins[part as PayloadPart];
  const operands = loads.points
    .filter((load) => load.side === side && load.mass !== 0)
    .filter((load) => (load.body === body.id ? origins.includes(load.origin) : part === 'camper'))
    .map((load) => ({ name: load.name, value: load.mass, unit: 'kg' as const }));
  const title = message(`payload.${part}`);
  return { title, steps: [work('sum', operands, title)] };
}
