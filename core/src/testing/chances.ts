/** Chances that are the same at every run. */
export function chances(seed: number) {
  let state = seed;
  const next = (): number => {
    state = (state * 1664525 + 1013904223) % 4294967296;
    return state / 4294967296;
  };
  const between = (from: number, to: number) => from + (to - from) * next();
  const normal = () => Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next());
  const often = (share: number) => next() < share;
  const oneOf = <Of>(list: readonly Of[]): Of | undefined => list[Math.floor(next() * list.length)];
  return { next, between, normal, often, oneOf };
}
