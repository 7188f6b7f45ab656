import { chains, type Chain, type ChainName, type ChainPart } from '../limits/chains.ts';
import type { Loads } from '../loads/loads.ts';
import { message, type Message } from '../messages/message.ts';
import type { LimitName } from '../rig/limitNames.ts';
import { platedLimit } from '../rig/plated.ts';
import { bodyPlates } from './applyPackage.ts';

/** How far a plate could be set by papers alone, the parts left as they are. kg */
export interface PaperReach {
  readonly limit: LimitName;
  readonly now: number;
  /** As far as the known parts bear; null: no part behind the plate is known. */
  readonly reach: number | null;
  /** The part that stops it there. */
  readonly by: Message | null;
  /** Parts nobody has described: each may stop it earlier. */
  readonly unseen: readonly Message[];
}

const isPlate = ({ name }: ChainPart): boolean =>
  bodyPlates.some((source) => name.key === `plateSource.${source}`) && name.key !== 'plateSource.handbook';

const axleLimits = [
  ['frontAxle', 'frontAxleMax', 'front'],
  ['rearAxle', 'rearAxleMax', 'rear'],
  ['tagAxle', 'tagAxleMax', 'tag'],
] as const;

/**
 * Every plate with parts behind it. A total can reach the sum of its axle plates; an axle plate what its tyres, wheels and
 * springs bear; a trailer's plate what its coupling, drawbar, axle and tyres bear. It is a question to take to the maker or a
 * certifier, never an answer: what cannot be read off a part (brakes, beams, welds) is not in it.
 */
export function paperReach(loads: Loads): readonly PaperReach[] {
  const { view } = loads;
  const all = chains(loads);
  const chain = (name: ChainName) => all.find((one) => one.name === name);
  const axles = view.vehicle
    ? axleLimits.flatMap(([name, limit, axle]): readonly PaperReach[] =>
        fromParts(limit, chain(name), gearNames(`${axle}.`, chain(name))),
      )
    : [];
  const trailer = view.trailer ? fromParts('trailerMax', chain('trailer'), trailerNames(chain('trailer'))) : [];
  return [...totalReach(loads), ...axles, ...trailer];
}

function totalReach({ view }: Loads): readonly PaperReach[] {
  const { vehicle } = view;
  if (!vehicle) return [];
  const now = platedLimit(view, 'vehicleMax', [vehicle]).value;
  if (now === null) return [];
  const limits = [
    'frontAxleMax',
    'rearAxleMax',
    ...(vehicle.geometry.tagAxle ? (['tagAxleMax'] as const) : []),
  ] as const;
  const values = limits.map((limit) => platedLimit(view, limit, [vehicle]).value);
  const known = values.every((value) => value !== null);
  return [
    {
      limit: 'vehicleMax',
      now,
      reach: known
        ? Math.max(
            now,
            values.reduce<number>((sum, value) => sum + (value ?? 0), 0),
          )
        : null,
      by: known ? message('uprate.axlePlates') : null,
      unseen: [message('uprate.part.brakes')],
    },
  ];
}

function fromParts(limit: LimitName, chain: Chain | undefined, unseen: readonly Message[]): readonly PaperReach[] {
  const plate = chain?.parts.find(isPlate);
  if (!chain || !plate) return [];
  const weakest = chain.parts.find((part) => !isPlate(part) && !part.unconfirmed);
  return [
    {
      limit,
      now: plate.rating,
      reach: weakest ? Math.max(plate.rating, weakest.rating) : null,
      by: weakest?.name ?? null,
      unseen,
    },
  ];
}

const gearNames = (prefix: string, chain: Chain | undefined): readonly Message[] =>
  (['tyres', 'wheels', 'springs'] as const)
    .filter((part) => !chain?.parts.some(({ id }) => id === `${prefix}${part}`))
    .map((part) => message(`gearPart.${part}`));

const trailerNames = (chain: Chain | undefined): readonly Message[] => [
  ...(['couplingHead', 'drawbar', 'chassis', 'brakes', 'axle'] as const)
    .filter((part) => !chain?.parts.some(({ name }) => name.key === `plateSource.${part}`))
    .map((part) => message(`plateSource.${part}`)),
  ...gearNames('trailer.', chain),
];
