import { basisContents, waterDensity } from '../rig/bareMass.ts';
import { isMotorCaravan, type Body } from '../rig/body.ts';
import type { Tank, TankKind } from '../rig/equipment.ts';
import type { BasisPart, Loadout } from './loadout.ts';
import { namedLevel } from './namedLevel.ts';
import { saidOf } from './saidOf.ts';
import { tankContents } from './tankContents.ts';

/**
 * Why a part of an empty figure does not count as on board: all of the body is said and its figure is not asked, people or a level of the
 * list stand in its place, or it was taken out.
 */
type Replaced = 'said' | 'people' | 'level' | 'takenOut';

/** Something an empty figure contains beside the body itself. */
export interface BasisLine {
  readonly part: BasisPart;
  /** kg; null: fuel of a tank of which the size or the fuel is not known. */
  readonly mass: number | null;
  /** The tank it is in; undefined: none of the kind is described, and for the driver. */
  readonly tank: Tank | undefined;
  /** undefined: it stays in. */
  readonly replaced: Replaced | undefined;
}

const kinds: Readonly<Record<Exclude<BasisPart, 'driver'>, TankKind>> = { fuel: 'fuel', water: 'fresh', gas: 'gas' };

/**
 * What the empty figure of a body contains by its basis, and whether that counts as on board: it does until people or a level are given
 * in its place, or the owner takes it out. A driver is replaced by any people, whoever of them drives.
 */
export function basisLines({ loadout }: { readonly loadout: Loadout }, body: Body): readonly BasisLine[] {
  const empty = body.emptyMass;
  if (!empty) return [];
  const fuel = body.tanks.find(({ kind }) => kind === 'fuel');
  const contents = basisContents({
    basis: empty.basis,
    kind: body.kind !== 'vehicle' ? 'trailer' : isMotorCaravan(body) ? 'motorCaravan' : 'car',
    fuelTankLitres: fuel?.capacityL,
    waterLitres: empty.waterLitres,
    gasContent: empty.gasContent,
  });
  const { fuelLitres } = contents;
  const density = fuel?.densityKgPerL;
  const ofFuel = fuelLitres === 0 ? 0 : fuelLitres === null || density === undefined ? null : fuelLitres * density;
  const masses: readonly (readonly [BasisPart, number | null])[] = [
    ['driver', contents.driver],
    ['fuel', ofFuel],
    ['water', contents.waterLitres * waterDensity],
    ['gas', contents.gas],
  ];
  return masses
    .filter(([, mass]) => mass === null || mass > 0)
    .map(([part, mass]) => {
      const tank = part === 'driver' ? undefined : body.tanks.find(({ kind }) => kind === kinds[part]);
      return { part, mass, tank, replaced: replacedBy(loadout, body, part) };
    });
}

function replacedBy(loadout: Loadout, body: Body, part: BasisPart): Replaced | undefined {
  if (saidOf({ loadout }, body)?.total !== undefined) return 'said';
  const out = loadout.takenOut?.some((one) => one.body === body.id && one.part === part) ? 'takenOut' : undefined;
  if (part === 'driver') return loadout.crew.some(({ pet }) => !pet) ? 'people' : out;
  const named = body.tanks.some(
    ({ id, kind }) => kind === kinds[part] && namedLevel(loadout, body.id, id) !== undefined,
  );
  return named ? 'level' : out;
}

/**
 * How full a tank of which no level is named is by the empty figure, 0 to 1: 0 where that figure has nothing in it that counts.
 */
export function keptLevel(view: { readonly loadout: Loadout }, body: Body, tank: Tank): number {
  const line = basisLines(view, body).find((one) => one.tank?.id === tank.id && one.replaced === undefined);
  const full = tankContents(tank, 1);
  return line?.mass && full ? Math.min(1, line.mass / full) : 0;
}
