/** What can stand in the yard, and which bodies make it up. */
interface KindParts {
  readonly vehicle: boolean;
  readonly trailer: boolean;
  readonly camper: boolean;
  readonly coupling?: 'fifthWheel';
}

export const rigKinds = {
  trailer: { vehicle: true, trailer: true, camper: false },
  solo: { vehicle: true, trailer: false, camper: false },
  fifthWheel: { vehicle: true, trailer: true, camper: false, coupling: 'fifthWheel' },
  camper: { vehicle: true, trailer: false, camper: true },
  camperTrailer: { vehicle: true, trailer: true, camper: true },
  trailerAlone: { vehicle: false, trailer: true, camper: false },
} as const satisfies Readonly<Record<string, KindParts>> as Readonly<
  Record<'trailer' | 'solo' | 'fifthWheel' | 'camper' | 'camperTrailer' | 'trailerAlone', KindParts>
>;
export type RigKind = keyof typeof rigKinds;

export type Measure =
  | 'wheelbase'
  | 'rearOverhang'
  | 'couplingOverhang'
  | 'pinOverhang'
  | 'tagOffset'
  | 'axlePosition'
  | 'drawbarLength'
  | 'bodyLength'
  | 'floorLength'
  | 'camperX'
  | 'extension';

/** The lengths worth asking for at once, body by body. */
export function measuresOf(
  kind: RigKind,
  tag: boolean,
): Readonly<Record<'vehicle' | 'trailer' | 'camper', readonly Measure[]>> {
  const { trailer, camper, coupling } = rigKinds[kind];
  const hitch: readonly Measure[] = coupling ? ['pinOverhang'] : trailer ? ['couplingOverhang'] : [];
  return {
    vehicle: [
      'wheelbase',
      'rearOverhang',
      ...(tag ? (['tagOffset'] as const) : []),
      ...hitch,
      ...(camper && trailer ? (['extension'] as const) : []),
    ],
    trailer: ['axlePosition', 'drawbarLength', 'bodyLength'],
    camper: ['floorLength', 'camperX'],
  };
}
