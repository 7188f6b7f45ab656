import { binds, comparesLoad, type Check } from '../checks/check.ts';
import type { Compiled } from '../loads/compile.ts';
import type { RigView } from '../loading/rigView.ts';
import { isFifthWheel } from '../rig/body.ts';
import { withoutUndefined } from '../plain/lists.ts';
import type { ArchHeights, Hitch } from '../rig/hitch.ts';
import { fullRestoration, gravity } from '../statics/distribution.ts';
import { effectiveOverhang } from '../statics/rigRows.ts';
import { judge } from '../verdict/assess.ts';

/** A rig with its bars set so that this share of what the coupling took off the front axle is back on it. kg, N·m. */
interface HitchSetting {
  readonly fraction: number;
  readonly front: number;
  readonly rear: number;
  readonly trailerAxles: number;
  /** What presses on the coupling with the bars on. */
  readonly coupling: number;
  readonly couple: number;
  /** Limits that are passed at this setting. */
  readonly over: readonly Check[];
}

export interface HitchPlan {
  /** The axles with nothing hitched, kg. */
  readonly alone: { readonly front: number; readonly rear: number };
  /** kg on the coupling without bars: what limits on it are judged by, whatever the bars are set to. */
  readonly ball: number;
  /** From no bars to all of it. */
  readonly settings: readonly HitchSetting[];
  /** Limits that are passed without bars and at every setting: bars raise none. */
  readonly bound: readonly Check[];
}

/** Schools: nothing, half of it, all of it. */
const schools = [0, 0.5, 1] as const;

/**
 * What a load-distribution hitch does at each setting: R_front = F0 − B'·h/W + T/W with B' = B − T/A, all of the front axle's load back at
 * T = g·B·h·A/(A + h). null where a load or a length is not known, nothing is towed on a ball, or the coupling takes nothing off the front.
 */
export function hitchPlan(view: RigView): HitchPlan | null {
  const { vehicle, trailer } = view;
  if (!vehicle || !trailer || isFifthWheel(trailer)) return null;
  const settings = schools.map((fraction) => settingAt(view, fraction));
  const [none, , full] = settings;
  if (!none || !full || settings.some((one) => one === null)) return null;
  const known = settings.flatMap((one) => one ?? []);
  const vehicleAlone = none.front + none.rear - none.coupling;
  const passed = known.map(({ over }) => new Set(over.map(({ id }) => id)));
  return {
    alone: { front: full.front, rear: vehicleAlone - full.front },
    ball: none.coupling,
    settings: known,
    bound: none.over.filter(({ id }) => passed.every((one) => one.has(id))),
  };
}

function settingAt(view: RigView, fraction: number): HitchSetting | null {
  const distribution = fraction === 0 ? undefined : ({ kind: 'fraction', fraction } as const);
  const set: Hitch = withoutUndefined({ ...view.rig.hitch, distribution });
  const { loads, checks } = judge({ ...view, rig: { ...view.rig, hitch: set } });
  const kg = (name: keyof Compiled['values']): number | null => {
    const value = loads.values[name];
    return value.kind === 'known' ? value.value : null;
  };
  const [front, rear, trailerAxles] = [kg('frontAxle'), kg('rearAxle'), kg('trailerAxles')];
  const [coupling, ball] = [kg('ballLoadTowed'), kg('ballLoad')];
  const [overhang, axle] = [effectiveOverhang(loads.lengths), loads.lengths.trailer?.axlePosition];
  if (front === null || rear === null || trailerAxles === null || coupling === null || ball === null) return null;
  if (overhang === undefined || axle === undefined || overhang <= 0) return null;
  const couple = fraction * gravity * ball * fullRestoration(overhang, axle);
  const over = checks.filter((check) => check.status === 'over' && binds(check) && comparesLoad(check));
  return { fraction, front, rear, trailerAxles, coupling, couple, over };
}

/** What one step of the bars (a link, a shim, a turn) does, by settings that were measured; null: fewer than two, or all at one step. */
export function perStep(
  measured: readonly { readonly at: number; readonly coupleNm: number }[],
): { readonly couplePerStep: number; readonly stepFor: (couple: number) => number } | null {
  const count = measured.length;
  const mean = (of: (one: (typeof measured)[number]) => number) =>
    measured.reduce((sum, one) => sum + of(one), 0) / count;
  if (count < 2) return null;
  const [at, couple] = [mean((one) => one.at), mean((one) => one.coupleNm)];
  const spread = measured.reduce((sum, one) => sum + (one.at - at) ** 2, 0);
  if (spread < 1e-9) return null;
  const slope = measured.reduce((sum, one) => sum + (one.at - at) * (one.coupleNm - couple), 0) / spread;
  if (Math.abs(slope) < 1e-9) return null;
  return { couplePerStep: slope, stepFor: (wanted) => at + (wanted - couple) / slope };
}

/**
 * Height of a wheel arch to expect at a setting, m: springs go down by what is on them, so it lies between that alone and that hitched up as the
 * load on its axle does. null where either was not measured, or hitching up changes nothing there.
 */
export function archExpected(
  { alone, coupled }: ArchHeights,
  load: { readonly alone: number; readonly coupled: number; readonly then: number },
): number | null {
  const change = load.coupled - load.alone;
  if (alone === undefined || coupled === undefined || Math.abs(change) < 1) return null;
  return alone + ((coupled - alone) * (load.then - load.alone)) / change;
}
