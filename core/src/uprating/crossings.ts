/** Marks passed when a limit is set anew: above is more than the mark, up to it is not. kg. */
export interface Crossings {
  readonly up: readonly number[];
  readonly down: readonly number[];
}

/** Which marks lie between the old and the new figure. */
export const crossings = (from: number, to: number, marks: readonly number[]): Crossings => ({
  up: marks.filter((mark) => from <= mark && mark < to),
  down: marks.filter((mark) => to <= mark && mark < from),
});
