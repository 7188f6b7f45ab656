import { message, verbatim, type Message } from '../messages/message.ts';
import type { PartRow } from '../statics/row.ts';
import { readingMessage } from '../scale/stands.ts';
import { effectOn, effectsOf, type Reaches } from './changes.ts';
import type { StateSlip } from './keptSlips.ts';
import type { Known } from './known.ts';

/** A line of the arithmetic of a load that slips have a part in: kg, so many times. */
export interface StatePart {
  readonly kind: 'reading' | 'since' | 'listed';
  readonly name: Message;
  readonly kg: number;
  readonly times: number;
}

/** Less than this is no line of anybody's arithmetic, kg. */
const worthALine = 1e-6;

/**
 * Each reading as often as it counts; what came and went since, thing by thing, where one slip settles the load; and what is as it is
 * listed or said. Together they are the load.
 */
export function partsOf(
  known: Known | null,
  row: PartRow,
  slips: readonly StateSlip[],
  reaches: Reaches,
): readonly StatePart[] {
  if (!known) return [];
  const readings = [...known.slips].flatMap((at) => {
    const slip = slips[at];
    return (slip?.readings ?? []).flatMap((reading, index): readonly StatePart[] => {
      const sigma = slip?.sigmas[index] ?? 1;
      const times = (known.doubts.get(`slip ${String(at)} reading ${String(index)}`) ?? 0) / sigma;
      if (Math.abs(times) < worthALine) return [];
      const { name, date } = slip?.kept.ticket ?? { name: '' };
      const named = { way: readingMessage(reading), slip: verbatim(date ?? name) };
      return [{ kind: 'reading', name: message('known.reading', named), kg: reading.value, times }];
    });
  });
  const [only] = [...known.slips];
  const alone = known.slips.size === 1 && known.by === 'weighed' && only !== undefined ? slips[only] : undefined;
  const since = (alone?.changes ?? []).flatMap((change): readonly StatePart[] => {
    const kg = effectOn(effectsOf([change], reaches), row)?.value ?? 0;
    const name = change.now?.name ?? change.before?.name;
    return Math.abs(kg) < worthALine || !name ? [] : [{ kind: 'since', name, kg, times: 1 }];
  });
  const counted = [...readings, ...since].reduce((sum, { kg, times }) => sum + kg * times, 0);
  const rest = known.value - counted;
  const listed: readonly StatePart[] =
    Math.abs(rest) < 1e-4 ? [] : [{ kind: 'listed', name: message('known.listed'), kg: rest, times: 1 }];
  return [...readings, ...since, ...listed];
}
