import { Matrix, SingularValueDecomposition } from 'ml-matrix';
import type { Combination } from '../scale/combination.ts';

/** One equation: a combination of unknowns was read as so much, with one standard deviation. kg. */
export interface Observation {
  readonly of: Combination;
  readonly value: number;
  readonly sigma: number;
}

/** kg. */
interface Estimate {
  readonly value: number;
  readonly se: number;
  readonly weights: readonly number[];
}

/** The adjusted unknowns. What the observations do not settle has no value. */
export interface Adjustment {
  /**
   * A combination with its a-priori standard error, or null where it is not settled. Weights: how often each observation, in
   * their order, is counted in the value.
   */
  readonly estimate: (of: Combination) => Estimate | null;
  /** Read less adjusted, in the order of the observations, kg. */
  readonly residuals: readonly number[];
  /** Residuals over their own standard deviation; null where nothing checks the reading. */
  readonly normalised: readonly (number | null)[];
  readonly chi2: number;
  /** How many observations there are more than needed. */
  readonly dof: number;
}

/** Relative to the largest: what is smaller is rounding, not information. */
const negligible = 1e-9;

/**
 * Weighted least squares by singular values, each observation with the weight 1/σ². Standard errors are a priori: from the
 * σ given, not from how well the readings agree.
 */
export function adjust(observations: readonly Observation[]): Adjustment {
  const names = [...new Set(observations.flatMap(({ of }) => Object.keys(of)))];
  if (observations.length === 0 || names.length === 0) return nothingRead;
  const design = new Matrix(observations.map(({ of, sigma }) => names.map((name) => (of[name] ?? 0) / sigma)));
  const read = Matrix.columnVector(observations.map(({ value, sigma }) => value / sigma));
  const svd = new SingularValueDecomposition(design, { autoTranspose: true });
  const largest = Math.max(...svd.diagonal);
  const kept = svd.diagonal.flatMap((value, at) => (value > negligible * largest ? [at] : []));
  const U = svd.leftSingularVectors.subMatrixColumn(kept);
  const V = svd.rightSingularVectors.subMatrixColumn(kept);
  const inverse = kept.map((at) => 1 / (svd.diagonal[at] ?? 1));
  const inBasis = U.transpose().mmul(read).to1DArray();
  const solution = V.mmul(Matrix.columnVector(inBasis.map((value, at) => value * (inverse[at] ?? 0)))).to1DArray();
  const residuals = observations.map(
    ({ of, value }) => value - names.reduce((sum, name, at) => sum + (of[name] ?? 0) * (solution[at] ?? 0), 0),
  );
  const leverage = observations.map((_, at) => U.getRow(at).reduce((sum, value) => sum + value * value, 0));
  return {
    estimate: (of) => {
      if (Object.entries(of).some(([name, factor]) => factor !== 0 && !names.includes(name))) return null;
      const asked = names.map((name) => of[name] ?? 0);
      const along = V.transpose().mmul(Matrix.columnVector(asked)).to1DArray();
      const outside = norm(asked) ** 2 - norm(along) ** 2;
      if (outside > 1e-9 * norm(asked) ** 2) return null;
      const value = asked.reduce((sum, factor, at) => sum + factor * (solution[at] ?? 0), 0);
      const scaled = along.map((part, at) => part * (inverse[at] ?? 0));
      const weights = observations.map(
        ({ sigma }, row) => scaled.reduce((sum, part, at) => sum + part * U.get(row, at), 0) / sigma,
      );
      return { value, se: norm(scaled), weights };
    },
    residuals,
    normalised: residuals.map((residual, at) => {
      const free = 1 - (leverage[at] ?? 1);
      return free > 1e-9 ? residual / ((observations[at]?.sigma ?? 1) * Math.sqrt(free)) : null;
    }),
    chi2: residuals.reduce((sum, residual, at) => sum + (residual / (observations[at]?.sigma ?? 1)) ** 2, 0),
    dof: observations.length - kept.length,
  };
}

const norm = (vector: readonly number[]): number => Math.hypot(...vector);

const nothingRead: Adjustment = {
  estimate: () => null,
  residuals: [],
  normalised: [],
  chi2: 0,
  dof: 0,
};
