/** What stands on the practice scale one after another. kg. */
export interface Scene {
  readonly loads: readonly number[];
  /** Steps of the scale. */
  readonly graduation: number;
  /** Repeats the same noise for the same number. */
  readonly seed: number;
  /** Most it can bear. */
  readonly capacity: number;
}

/** Ticks of a scene: wheels roll on, the plate swings out, it rests, wheels roll off. Ten a second. */
const rolling = 12;
const swinging = 15;
const resting = 30;
const empty = 8;
const perLoad = rolling + swinging + resting + empty;

/** kg by which the reading creeps for each tick at rest, as a share of the load: springs and people settle. */
const creep = 0.00001;

/**
 * One line for each tick, as an indicator would send it: wheels rolling on, swinging out, at rest with a slow drift, and off
 * again, load after load, for ever. Every line says that it is practice.
 * @param tick from 0 on, ten a second
 */
export function practiceLine({ loads, graduation, seed, capacity }: Scene, tick: number): string {
  const load = loads[Math.floor(tick / perLoad) % loads.length] ?? 0;
  const at = tick % perLoad;
  const { value, moving } = shownAt(load, at, noise(seed, tick));
  if (value > capacity) return 'practice overload';
  const rounded = Math.round(value / graduation) * graduation;
  return `practice ${moving ? 'moving' : 'steady'} ${rounded.toFixed(graduation < 1 ? 1 : 0)} kg`;
}

function shownAt(load: number, at: number, shake: number): { readonly value: number; readonly moving: boolean } {
  if (at < rolling) return { value: load * ((at + 1) / rolling) * (1 + 0.03 * shake), moving: true };
  const since = at - rolling;
  if (since < swinging) {
    const swing = 0.04 * Math.exp(-since / 5) * Math.cos(since * 1.3);
    return { value: load * (1 + swing + 0.002 * shake), moving: true };
  }
  const still = since - swinging;
  if (still < resting) return { value: load * (1 + creep * still), moving: false };
  return { value: load * (1 - (still - resting + 1) / empty), moving: true };
}

/** −1 to 1, the same for the same seed and tick. */
function noise(seed: number, tick: number): number {
  const mixed = Math.sin(seed * 12.9898 + tick * 78.233) * 43758.5453;
  return 2 * (mixed - Math.floor(mixed)) - 1;
}
