import type { Confidence } from '../situation/confidence.ts';
import { holdsOn, type Dated } from '../situation/dated.ts';
import type { Licence, LicenceClass } from '../situation/licence.ts';

/** What a licence is judged by: plated masses in kg, never weighed ones. */
export interface LicensedMasses {
  readonly vehicle: number;
  /** null: no trailer. */
  readonly trailer: number | null;
  /** Driven by a battery or hydrogen alone. */
  readonly zeroEmission?: boolean | undefined;
  readonly motorCaravan?: boolean | undefined;
  /** Of the vehicle. */
  readonly axles?: number | undefined;
}

/** When and where it is driven: some of what is held begins on a day, or holds at home only. */
export interface Driven {
  readonly day?: string | undefined;
  /** The journey leaves the country that issued the licence. */
  readonly abroad?: boolean | undefined;
}

/** One thing a class covers: all that is stated has to be kept. kg, by the plates. */
export interface LicenceRow extends Dated {
  readonly holds: LicenceClass;
  readonly vehicleMost?: number;
  readonly trailerMost?: number;
  readonly togetherMost?: number;
  readonly axlesMost?: number;
  readonly zeroEmission?: true;
  readonly motorCaravan?: true;
  readonly alone?: true;
  /** Only where the car test was passed then. */
  readonly tested?: readonly NonNullable<Licence['tested']>[];
  /** Only where neither a printed code 107 nor an old test that brought the class along limits it. */
  readonly unlimited?: true;
  /** Not valid outside the country that issued it. */
  readonly onlyAtHome?: true;
  /** Known well it covers; otherwise it may. */
  readonly confidence: Confidence;
}

/** What an old test brought along beside what is printed, and until when. */
interface Inherited {
  readonly tested: NonNullable<Licence['tested']>;
  readonly classes: readonly LicenceClass[];
  /** Years from which on `ends` lapse unless renewed; what is renewed stands on the licence. */
  readonly endsAt: number;
  readonly ends: readonly LicenceClass[];
}

/** The licences somebody issues. */
export interface LicenceLaw {
  /** What else is asked of whoever holds one: codes printed beside a class, stages of new drivers. */
  readonly codes?: readonly NonNullable<Licence['codes']>[number][];
  readonly stages?: readonly NonNullable<Licence['novice']>[];
  /** The classes somebody may be asked for, smallest first. */
  readonly classes: readonly LicenceClass[];
  readonly rows: readonly LicenceRow[];
  readonly inherited?: Inherited;
  /** Key of what else is to be looked up by whoever relies on these classes, `licence.<key>`. */
  readonly renewals?: readonly { readonly classes: readonly LicenceClass[]; readonly says: string }[];
}

/** Whether it matters for somebody who holds these classes when the test was passed. */
export const asksTest = ({ inherited, rows }: LicenceLaw, held: readonly LicenceClass[]): boolean =>
  inherited !== undefined || rows.some(({ holds, tested }) => tested !== undefined && held.includes(holds));

/** `check`: there is a rule that may cover it, not known well enough to say so. */
export type Cover = 'yes' | 'no' | 'check';

/** Whether a class covers a vehicle and trailer by their plated masses. */
export function covers(
  law: LicenceLaw,
  licence: Licence,
  held: LicenceClass,
  masses: LicensedMasses,
  driven: Driven = {},
): Cover {
  const kept = law.rows.filter((row) => row.holds === held && keeps(law, licence, row, masses, driven));
  const inForce = kept.filter((row) => holdsOn(row, driven.day));
  if (inForce.some(({ confidence }) => confidence === 'high')) return 'yes';
  return inForce.length > 0 || kept.some((row) => isDue(row, driven)) ? 'check' : 'no';
}

/** Expected by the day asked for: whether it is law by then is not known. */
const isDue = ({ expected, from }: LicenceRow, { day }: Driven): boolean =>
  expected === true && from !== undefined && day !== undefined && from <= day;

function keeps(
  law: LicenceLaw,
  licence: Licence,
  row: LicenceRow,
  masses: LicensedMasses,
  { abroad = false }: Driven,
): boolean {
  const { vehicle, trailer, zeroEmission = false, motorCaravan = false, axles = 2 } = masses;
  const towed = trailer ?? 0;
  return (
    vehicle <= (row.vehicleMost ?? Infinity) &&
    towed <= (row.trailerMost ?? Infinity) &&
    vehicle + towed <= (row.togetherMost ?? Infinity) &&
    axles <= (row.axlesMost ?? Infinity) &&
    (!row.zeroEmission || zeroEmission) &&
    (!row.motorCaravan || motorCaravan) &&
    (!row.alone || trailer === null) &&
    (!row.tested || (licence.tested !== undefined && row.tested.includes(licence.tested))) &&
    (!row.unlimited || !isLimited(law, licence, row.holds)) &&
    !(row.onlyAtHome && abroad)
  );
}

const isLimited = (law: LicenceLaw, licence: Licence, held: LicenceClass): boolean =>
  // A national code: what it limits, it limits where it is given.
  ((law.codes?.includes('107') && licence.codes?.includes('107')) ?? false) ||
  (!licence.classes.includes(held) && comesAlong(law, licence).includes(held));

/** What an old test brought along, as far as it has not lapsed. */
function comesAlong({ inherited }: LicenceLaw, { tested, age = 0 }: Licence): readonly LicenceClass[] {
  if (!inherited || tested !== inherited.tested) return [];
  return inherited.classes.filter((one) => age < inherited.endsAt || !inherited.ends.includes(one));
}

/** What is held: what is printed, and what an old test brought along. */
export const heldClasses = (law: LicenceLaw, licence: Licence): readonly LicenceClass[] => [
  ...new Set([...licence.classes, ...comesAlong(law, licence)]),
];

/** The best answer of all classes held. Old rights printed as code 79 may cover more than the class beside them. */
export function licenceCover(law: LicenceLaw, licence: Licence, masses: LicensedMasses, driven: Driven = {}): Cover {
  const answers = heldClasses(law, licence).map((one) => covers(law, licence, one, masses, driven));
  if (answers.includes('yes')) return 'yes';
  const oldRights = licence.codes?.includes('79') ?? false;
  return oldRights || answers.includes('check') ? 'check' : 'no';
}

/** The smallest class that would cover these masses, if any does. */
export const classNeeded = (
  law: LicenceLaw,
  licence: Licence,
  masses: LicensedMasses,
  driven: Driven = {},
): LicenceClass | null =>
  law.classes.find((one) => covers(law, { ...licence, classes: [one] }, one, masses, driven) === 'yes') ?? null;

/** Whether only what ends with age covers this: without it there would be another answer. */
export function leansOnInherited(
  law: LicenceLaw,
  licence: Licence,
  masses: LicensedMasses,
  driven: Driven = {},
): boolean {
  const { inherited } = law;
  if (!inherited || licenceCover(law, licence, masses, driven) !== 'yes') return false;
  const without = {
    ...licence,
    tested: undefined,
    classes: heldClasses(law, licence).filter((one) => !inherited.ends.includes(one)),
  };
  return licenceCover(law, without, masses, driven) !== 'yes';
}
