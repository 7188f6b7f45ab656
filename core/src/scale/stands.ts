import type { RigView } from '../loading/rigView.ts';
import { message, type Message } from '../messages/message.ts';
import type { Reading } from '../loading/ticket.ts';

/** One way to stand on a scale, by a name of its own. */
export interface Stand {
  readonly key: StandKey;
  readonly state: Reading['state'];
  readonly support?: NonNullable<Reading['support']>;
  readonly on: Reading['on'];
}

const standKeys = [
  'rigFront',
  'rigRear',
  'rigVehicle',
  'rigTrailer',
  'rigAll',
  'rigBall',
  'soloFront',
  'soloRear',
  'soloDrive',
  'soloTag',
  'soloVehicle',
  'rigDrive',
  'rigTag',
  'ball',
  'trailerOnStand',
  'jockey',
  'trailerOnJockey',
  'trailerWhole',
  'trailerOnLegs',
  'rigAxle1',
  'rigAxle2',
  'rigAxle3',
  'standAxle1',
  'standAxle2',
  'standAxle3',
] as const;
export type StandKey = (typeof standKeys)[number];

const all: Readonly<Record<StandKey, Omit<Stand, 'key'>>> = {
  rigFront: { state: 'coupled', on: ['front'] },
  rigRear: { state: 'coupled', on: ['rear'] },
  rigVehicle: { state: 'coupled', on: ['front', 'rear'] },
  rigTrailer: { state: 'coupled', on: ['trailer'] },
  rigAll: { state: 'coupled', on: ['front', 'rear', 'trailer'] },
  rigBall: { state: 'coupled', on: ['ball'] },
  soloFront: { state: 'uncoupled', on: ['front'] },
  soloRear: { state: 'uncoupled', on: ['rear'] },
  soloDrive: { state: 'uncoupled', on: ['drive'] },
  soloTag: { state: 'uncoupled', on: ['tag'] },
  soloVehicle: { state: 'uncoupled', on: ['front', 'rear'] },
  rigDrive: { state: 'coupled', on: ['drive'] },
  rigTag: { state: 'coupled', on: ['tag'] },
  ball: { state: 'uncoupled', support: 'ball', on: ['ball'] },
  trailerOnStand: { state: 'uncoupled', support: 'ball', on: ['trailer'] },
  jockey: { state: 'uncoupled', support: 'jockey', on: ['jockey'] },
  trailerOnJockey: { state: 'uncoupled', support: 'jockey', on: ['trailer'] },
  trailerWhole: { state: 'uncoupled', support: 'jockey', on: ['trailer', 'jockey'] },
  trailerOnLegs: { state: 'uncoupled', support: 'ball', on: ['trailer', 'ball'] },
  rigAxle1: { state: 'coupled', on: ['axle1'] },
  rigAxle2: { state: 'coupled', on: ['axle2'] },
  rigAxle3: { state: 'coupled', on: ['axle3'] },
  standAxle1: { state: 'uncoupled', support: 'ball', on: ['axle1'] },
  standAxle2: { state: 'uncoupled', support: 'ball', on: ['axle2'] },
  standAxle3: { state: 'uncoupled', support: 'ball', on: ['axle3'] },
};

/** The ways this rig can stand on a scale, the ones at a public weighbridge first. A fifth wheel shows no ball load by itself. */
export function stands({ vehicle, trailer }: RigView): readonly Stand[] {
  const tag = vehicle?.geometry.tagAxle !== undefined;
  const pin = trailer?.coupling === 'fifthWheel';
  const asked: readonly StandKey[] = [
    ...(vehicle && trailer ? (['rigFront', 'rigRear', 'rigVehicle', 'rigTrailer', 'rigAll'] as const) : []),
    ...(vehicle && trailer && tag ? (['rigDrive', 'rigTag'] as const) : []),
    ...(vehicle ? (['soloFront', 'soloRear', 'soloVehicle'] as const) : []),
    ...(vehicle && tag ? (['soloDrive', 'soloTag'] as const) : []),
    ...(trailer ? (['ball', 'trailerOnStand'] as const) : []),
    ...(trailer && !pin ? (['jockey', 'trailerOnJockey'] as const) : []),
    ...(vehicle && trailer && trailer.coupling !== 'fifthWheel' ? (['rigBall'] as const) : []),
    ...(trailer ? [pin ? ('trailerOnLegs' as const) : ('trailerWhole' as const)] : []),
    ...axlesOf(vehicle && trailer ? 'rig' : 'stand', trailer?.geometry.axles ?? 0),
  ];
  return asked.map((key) => ({ key, ...all[key] }));
}

/** One axle of a group by itself: only where there is a group. */
const axlesOf = (way: 'rig' | 'stand', count: number): readonly StandKey[] =>
  count < 2 ? [] : ([1, 2, 3] as const).slice(0, count).map((axle): StandKey => `${way}Axle${axle}`);

/** Whether a single axle of a group stands on the plate: never needed where the group can stand there. */
export const isSingleAxle = ({ on }: Pick<Stand, 'on'>): boolean => on.some((part) => part.startsWith('axle'));

/** The name of how a reading was taken; null where it is another way than these. */
export const standOf = (reading: Pick<Reading, 'state' | 'support' | 'on'>): StandKey | null =>
  standKeys.find((key) => {
    const stand = all[key];
    const support =
      (reading.on.includes('trailer') || isSingleAxle(reading)) && reading.state === 'uncoupled'
        ? (reading.support ?? 'ball')
        : null;
    const alike = support === null || support === (stand.support ?? 'ball');
    return stand.state === reading.state && alike && sameParts(stand.on, reading.on);
  }) ?? null;

/** A reading in words: which way it stood, and on which side. */
export function readingMessage(reading: Pick<Reading, 'state' | 'support' | 'on' | 'side'>): Message {
  const way = message(`way.${standOf(reading) ?? 'other'}`);
  return reading.side ? message(`way.${reading.side}`, { way }) : way;
}

const sameParts = (a: Reading['on'], b: Reading['on']): boolean =>
  a.length === b.length && a.every((part) => b.includes(part));

/** Whether a reading is of the load on the coupling alone: no mass of a body or an axle. */
export const isOfBall = ({ on }: Pick<Reading, 'on'>): boolean => on.length > 0 && on.every((part) => part === 'ball');
