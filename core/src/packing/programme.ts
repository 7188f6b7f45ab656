/** One unknown of a programme. */
export interface Column {
  readonly lower: number;
  readonly upper: number;
  /** Takes whole numbers only. */
  readonly whole: boolean;
}

/** So many times a column. */
export interface Term {
  readonly column: number;
  readonly factor: number;
}

/** from ≤ Σ terms ≤ to. */
export interface Constraint {
  readonly terms: readonly Term[];
  readonly from: number;
  readonly to: number;
}

/** A mixed integer linear programme without what it is to be good at. */
export interface Programme {
  readonly columns: readonly Column[];
  readonly constraints: readonly Constraint[];
}

/** The least of a sum that was asked for. `bound`: no answer is less. */
export type Solved =
  | {
      readonly kind: 'best' | 'stopped';
      readonly values: readonly number[];
      readonly value: number;
      readonly bound: number;
    }
  /** Nothing keeps all constraints. */
  | { readonly kind: 'none' }
  /** Time was up before an answer was found. */
  | { readonly kind: 'unanswered' };

interface SolveOptions {
  /** An answer this near to the best one is taken for it. */
  readonly near: number;
  /** s */
  readonly seconds: number;
  /** An answer to begin with. */
  readonly start?: readonly number[] | undefined;
  /** Told of every better answer. */
  readonly onBetter?: ((values: readonly number[], value: number, bound: number) => void) | undefined;
}

/** Whatever solves programmes: finds columns that keep the constraints and make a sum least. */
export type Solver = (programme: Programme, sum: readonly Term[], options: SolveOptions) => Solved;

/** A programme without a single unknown is decided as it stands; every other is for the solver. */
export const decidedAtOnce =
  (solve: Solver): Solver =>
  (programme, sum, options) => {
    if (programme.columns.length > 0) return solve(programme, sum, options);
    const kept = programme.constraints.every(({ from, to }) => from <= 0 && to >= 0);
    return kept ? { kind: 'best', values: [], value: 0, bound: 0 } : { kind: 'none' };
  };

/** What a sum comes to. */
export const sumOf = (terms: readonly Term[], values: readonly number[]): number =>
  terms.reduce((sum, { column, factor }) => sum + factor * (values[column] ?? 0), 0);

/** Builds a programme column by column. */
export class ProgrammeBuilder implements Programme {
  readonly columns: Column[] = [];
  readonly constraints: Constraint[] = [];

  /** @returns the number of the new column */
  add(lower: number, upper: number, whole: boolean): number {
    return this.columns.push({ lower, upper, whole }) - 1;
  }

  /** from ≤ Σ terms ≤ to; left out: no bound. */
  keep(terms: readonly Term[], { from = -Infinity, to = Infinity }: Partial<Omit<Constraint, 'terms'>>): void {
    this.constraints.push({ terms, from, to });
  }
}
