import { tankLevel } from '../loading/tankLevel.ts';
import { binds, comparesLoad, type Check } from '../checks/check.ts';
import { lossPerKg } from '../limits/shift.ts';
import { marginAfter } from '../limits/shift.ts';
import { tankContents } from '../loading/loadoutLoads.ts';
import { placedBodies } from '../loading/rigView.ts';
import { kilograms, message, verbatim, type Message } from '../messages/message.ts';
import { placeContents } from '../loading/placeContents.ts';
import type { Side } from '../statics/pointLoad.ts';
import { massTolerance } from '../units/rounding.ts';
import type { Assessment } from './assess.ts';

/** A place or a tank out of which so much could be taken. */
interface Source {
  readonly kind: 'takeOut' | 'drain';
  readonly name: string;
  readonly side: Side;
  /** m on the side's own axis. */
  readonly x: number;
  /** kg it holds now. */
  readonly holds: number;
}

/** One thing that would bring a check right by itself. */
export interface Remedy {
  readonly kind: Source['kind'];
  readonly name: string;
  /** kg to take away. */
  readonly mass: number;
  readonly says: Message;
}

const shown = 3;

/**
 * What would bring an exceeded check right by taking away alone, the least first: emptying part of a place or of a tank,
 * where that passes no other limit and leaves the coupling in its band.
 */
export function remedies(assessment: Assessment, check: Check): readonly Remedy[] {
  const { margin, use } = check;
  if (check.status !== 'over' || margin === null || !use || !comparesLoad(check)) return [];
  return sourcesOf(assessment)
    .flatMap((source): readonly Remedy[] => {
      const loss = lossPerKg(check, use, source.side, source.x);
      const mass = loss > leastLoss ? -margin / loss : Infinity;
      if (mass > source.holds || !keepsOthers(assessment.checks, check, source, mass)) return [];
      const says = message(`remedy.${source.kind}`, {
        mass: kilograms(mass, 'load'),
        [source.kind === 'drain' ? 'tank' : 'place']: verbatim(source.name),
      });
      return [{ kind: source.kind, name: source.name, mass, says }];
    })
    .sort((a, b) => a.mass - b.mass)
    .slice(0, shown);
}

/** Below this a kilogram taken away does next to nothing. */
const leastLoss = 0.01;

/**
 * Whether after taking so much away every limit that is kept now is still kept, and none that is not gets worse. The usual
 * band of the load on the coupling counts here too: a lightened nose would mend an axle and let the trailer swing.
 */
const keepsOthers = (checks: readonly Check[], healed: Check, { side, x }: Source, mass: number): boolean =>
  checks.every((other) => {
    if (other.id === healed.id || (!binds(other) && other.rule !== 'ball.share')) return true;
    if (other.margin === null) return true;
    const after = marginAfter(other, [{ side, x, mass: -mass }]) ?? other.margin;
    return after >= Math.min(0, other.margin) - massTolerance;
  });

function sourcesOf({ loads }: Assessment): readonly Source[] {
  const { view } = loads;
  const contents = placeContents(view);
  return placedBodies(view).flatMap(({ body, side, offset }): readonly Source[] => {
    if (offset === null) return [];
    const places = body.places.flatMap((place): readonly Source[] => {
      const holds = contents.get(`${body.id}/${place.id}`)?.mass ?? 0;
      if (place.x === undefined || holds === 0) return [];
      return [{ kind: 'takeOut', name: place.name, side, x: offset + place.x, holds }];
    });
    const tanks = body.tanks.flatMap((tank): readonly Source[] => {
      const level = tankLevel(view.loadout, body.id, tank.id);
      const holds = tankContents(tank, level) ?? 0;
      if (tank.x === undefined || holds === 0 || tank.kind === 'fuel' || tank.kind === 'gas') return [];
      return [{ kind: 'drain', name: tank.name, side, x: offset + tank.x, holds }];
    });
    return [...places, ...tanks];
  });
}
