import {
  isWholeMass,
  trailerBases,
  vehicleBases,
  type Country,
  type EmptyBasis,
  type FieldName,
  type LimitName,
  type VehicleBuild,
} from '@wagonomos/core';
import { usualBasis } from '../../shared/usualBasis.ts';
import { knownLimits, type BodyFacts, type KnownFigure, type KnownRig } from '@wagonomos/core/edits';

export const startKinds = ['solo', 'trailer', 'trailerAlone', 'fifthWheel'] as const;
export type StartKind = (typeof startKinds)[number];

type VehicleFact = 'empty' | 'people' | 'luggage' | 'weighed';
type TrailerFact = 'empty' | 'emptyBall' | 'atFront' | 'water' | 'total' | 'ballLoad' | 'ballShare';
type FigureName = `${'vehicle' | 'trailer'}.${LimitName | VehicleFact | TrailerFact}`;

export interface KnownForm {
  kind: StartKind;
  country: Country;
  build: VehicleBuild;
  axles: number;
  vehicleBasis: EmptyBasis | '';
  trailerBasis: EmptyBasis | '';
  /** Take what is usual where nothing is known. */
  typical: boolean;
  figures: Partial<Record<FigureName, KnownFigure>>;
  /** What is there or not, as it was answered; a form kept by an older page has none. */
  facts?: Partial<Record<'vehicle' | 'trailer', BodyFacts>>;
}

/** One figure that people may have. A limit is called by the words of the country, the rest by a key of the catalogue. */
export interface AskedFigure {
  readonly name: FigureName;
  readonly field: FieldName;
  readonly limit?: LimitName;
}

/** A paper, or another place where figures are found, with those worth asking for. */
export interface AskedPaper {
  readonly key: string;
  readonly of: 'vehicle' | 'trailer';
  readonly figures: readonly AskedFigure[];
  readonly basis?: 'vehicleBasis' | 'trailerBasis';
}

const mass = (name: FigureName): AskedFigure => ({ name, field: 'mass' });
const limits = (of: 'vehicle' | 'trailer', source: string, ...without: readonly LimitName[]): readonly AskedFigure[] =>
  (Object.entries(knownLimits[of]) as [LimitName, string][])
    .filter(([limit, paper]) => (paper === source || source === 'any') && !without.includes(limit))
    .map(([limit]) => ({ ...mass(`${of}.${limit}`), limit }));

export const hasVehicle = (kind: StartKind): boolean => kind !== 'trailerAlone';
export const hasTrailer = (kind: StartKind): boolean => kind !== 'solo';

/** The papers of a kind of rig, in the order in which people have them at hand. */
export function papersFor(kind: StartKind): readonly AskedPaper[] {
  const tows = hasTrailer(kind);
  const vehicle: readonly AskedPaper[] = [
    {
      key: 'vehiclePlate',
      of: 'vehicle',
      figures: limits('vehicle', 'vehiclePlate', ...(tows ? [] : (['combinationMax'] as const))),
    },
    ...(tows
      ? [
          {
            key: 'towing',
            of: 'vehicle' as const,
            figures: [...limits('vehicle', 'handbook'), ...limits('vehicle', 'towBar')],
          },
        ]
      : []),
    { key: 'doorSticker', of: 'vehicle', figures: limits('vehicle', 'doorSticker') },
    { key: 'vehicleBrochure', of: 'vehicle', figures: [mass('vehicle.empty')], basis: 'vehicleBasis' },
    { key: 'onBoard', of: 'vehicle', figures: [mass('vehicle.people'), mass('vehicle.luggage')] },
    ...(tows ? [] : [{ key: 'scale', of: 'vehicle' as const, figures: [mass('vehicle.weighed')] }]),
  ];
  const trailer: readonly AskedPaper[] = [
    { key: 'trailerPlate', of: 'trailer', figures: limits('trailer', 'any') },
    {
      key: 'trailerBrochure',
      of: 'trailer',
      figures: [mass('trailer.empty'), mass('trailer.emptyBall')],
      basis: 'trailerBasis',
    },
    {
      key: 'putIn',
      of: 'trailer',
      figures: [mass('trailer.atFront'), { name: 'trailer.water', field: 'litres' }],
    },
    {
      key: 'asLoaded',
      of: 'trailer',
      figures: [mass('trailer.total'), mass('trailer.ballLoad'), { name: 'trailer.ballShare', field: 'share' }],
    },
  ];
  return [...(hasVehicle(kind) ? vehicle : []), ...(tows ? trailer : [])];
}

/** Figures that are the mass of a whole body. */
const wholeFacts = ['empty', 'weighed', 'total'];

/** What the plate beside a figure says, for one that is the mass of a whole body; undefined: it is none. */
export function platedFor(form: KnownForm, { name, limit }: AskedFigure): number | null | undefined {
  const [of, fact = ''] = name.split('.');
  if (limit ? !isWholeMass(limit) : !wholeFacts.includes(fact)) return undefined;
  if (limit) return null;
  return form.figures[of === 'vehicle' ? 'vehicle.vehicleMax' : 'trailer.trailerMax']?.value ?? null;
}

export const basesFor = (of: 'vehicle' | 'trailer'): readonly EmptyBasis[] =>
  (of === 'vehicle' ? vehicleBases : trailerBases).filter((one) => one !== 'weighed');

/** What was filled in, as core takes it. */
export function knownRig(form: KnownForm, today: string): KnownRig {
  const { kind, country, build, axles, figures } = form;
  const figure = (name: FigureName) => figures[name];
  const all = (of: 'vehicle' | 'trailer') =>
    Object.fromEntries(Object.keys(knownLimits[of]).map((limit) => [limit, figures[`${of}.${limit as LimitName}`]]));
  const share = figure('trailer.ballShare');
  return {
    typical: form.typical,
    build,
    country,
    axles,
    today,
    ...(kind === 'fifthWheel' ? { coupling: 'fifthWheel' as const } : {}),
    vehicle: hasVehicle(kind)
      ? {
          limits: all('vehicle'),
          empty: figure('vehicle.empty'),
          basis: form.vehicleBasis === '' ? usualBasis('vehicle', country) : form.vehicleBasis,
          people: figure('vehicle.people'),
          luggage: figure('vehicle.luggage'),
          weighed: hasTrailer(kind) ? undefined : figure('vehicle.weighed'),
          facts: form.facts?.vehicle,
        }
      : null,
    trailer: hasTrailer(kind)
      ? {
          limits: all('trailer'),
          empty: figure('trailer.empty'),
          emptyBall: figure('trailer.emptyBall'),
          basis: form.trailerBasis === '' ? usualBasis('trailer', country) : form.trailerBasis,
          atFront: figure('trailer.atFront'),
          water: figure('trailer.water'),
          total: figure('trailer.total'),
          ballLoad: figure('trailer.ballLoad'),
          ballShare: share && share.value / 100,
          facts: form.facts?.trailer,
        }
      : null,
  };
}
