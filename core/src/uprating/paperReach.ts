import { axlePlates } from '../limits/axlePlates.ts';
import { axleLimits } from '../limits/onAxle.ts';
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

const axles = ['front', 'rear', 'tag'] as const;

/**
 * Every plate with parts behind it. A total can reach the sum of its axle plates; an axle plate what its tyres, wheels and
 * springs bear; a trailer's plate what its coupling, drawbar, axle and tyres bear. It is a question to take to the maker or a
 * certifier, never an answer: what cannot be read off a part (brakes, beams, welds) is not in it.
 */
export function paperReach(loads: Loads): readonly PaperReach[] {
  const { view } = loads;
  const all = chains(loads);
  const chain = (name: ChainName) => all.find((one) => one.name === name);
  const powered = view.vehicle
    ? axles.flatMap((axle): readonly PaperReach[] => {
        const own = chain(`${axle}Axle`);
        return fromParts(axleLimits[axle], own, gearNames(`${axle}.`, own));
      })
    : [];
  const trailer = view.trailer ? fromParts('trailerMax', chain('trailer'), trailerNames(chain('trailer'))) : [];
  return [...totalReach(loads), ...powered, ...trailer];
}

function totalReach({ view }: Loads): readonly PaperReach[] {
  const { vehicle } = view;
  if (!vehicle) return [];
  const now = platedLimit(view, 'vehicleMax', [vehicle]).value;
  if (now === null) return [];
  const sum = axlePlates(view, vehicle);
  return [
    {
      limit: 'vehicleMax',
      now,
      reach: sum === null ? null : Math.max(now, sum),
      by: sum === null ? null : message('uprate.axlePlates'),
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
