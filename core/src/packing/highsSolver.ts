import type { CallbackData, Highs, ModelData } from 'highs';
import type { Programme, Solved, Solver, Term } from './programme.ts';

/**
 * Programmes solved by HiGHS, branch and cut. Whoever calls has loaded it, since a browser, a worker and a test do that each in a
 * way of their own.
 * @param now the clock, in seconds: the solver does not look at its own limit in all it does, and is stopped wherever it lets one
 */
export function highsSolver(highs: Highs, now: () => number): Solver {
  const { modelStatus, callbackType } = highs.constants;
  return (programme, sum, { near, seconds, start, onBetter }) => {
    const end = now() + Math.max(0.05, seconds);
    const inTime = (event: { readonly interrupt: () => void }): undefined => {
      if (now() > end) event.interrupt();
    };
    return highs.withModel(modelOf(highs, programme, sum), (model): Solved => {
      model.options.set({
        output_flag: false,
        mip_rel_gap: 0,
        mip_abs_gap: near,
        time_limit: Math.max(0.05, seconds),
        // A rig has few limits and many alike ways: what pays in large models costs more here than it saves.
        mip_detect_symmetry: false,
        mip_heuristic_effort: 0.02,
        mip_feasibility_tolerance: 1e-7,
        primal_feasibility_tolerance: 1e-8,
      });
      if (start && start.length === programme.columns.length) model.setSolution({ colValue: start });
      const { modelStatus: status } = model.run({
        [callbackType.simplexInterrupt]: inTime,
        [callbackType.ipmInterrupt]: inTime,
        [callbackType.mipInterrupt]: inTime,
        ...(onBetter && {
          [callbackType.mipImprovingSolution]: ({ data }: { readonly data: CallbackData }) => {
            const { mip_solution: values, mip_primal_bound: value, mip_dual_bound: bound } = data;
            if (values) onBetter(whole(programme, values), value ?? 0, bound ?? -Infinity);
            return undefined;
          },
        }),
      });
      if (status === modelStatus.infeasible) return { kind: 'none' };
      const primal = model.info.get('primal_solution_status') === 2;
      if (!primal) return { kind: 'unanswered' };
      const values = whole(programme, model.getSolution().colValue);
      const value = model.getObjectiveValue();
      const best = status === modelStatus.optimal;
      const dual = Number(model.info.get('mip_dual_bound'));
      const bound = programme.columns.some((one) => one.whole) && Number.isFinite(dual) ? Math.min(dual, value) : value;
      return {
        kind: best ? 'best' : 'stopped',
        values,
        value,
        bound: best || Number.isFinite(dual) ? bound : -Infinity,
      };
    });
  };
}

/** Whole numbers come back with the dust of floating point. */
const whole = ({ columns }: Programme, values: Float64Array | readonly number[]): readonly number[] =>
  columns.map((column, at) => (column.whole ? Math.round(values[at] ?? 0) : (values[at] ?? 0)));

function modelOf(highs: Highs, { columns, constraints }: Programme, sum: readonly Term[]): ModelData {
  const colCost = new Float64Array(columns.length);
  for (const { column, factor } of sum) colCost[column] = (colCost[column] ?? 0) + factor;
  const starts = [0];
  const indices: number[] = [];
  const values: number[] = [];
  for (const { terms } of constraints) {
    for (const { column, factor } of terms) {
      if (factor === 0) continue;
      indices.push(column);
      values.push(factor);
    }
    starts.push(indices.length);
  }
  const finite = (value: number) => (Number.isFinite(value) ? value : Math.sign(value) * highs.infinity);
  const { integer, continuous } = highs.constants.variableType;
  return {
    numCols: columns.length,
    numRows: constraints.length,
    colCost,
    colLower: columns.map(({ lower }) => finite(lower)),
    colUpper: columns.map(({ upper }) => finite(upper)),
    rowLower: constraints.map(({ from }) => finite(from)),
    rowUpper: constraints.map(({ to }) => finite(to)),
    matrix: { format: 'csr', numRows: constraints.length, numCols: columns.length, starts, indices, values },
    integrality: columns.map((column) => (column.whole ? integer : continuous)),
  };
}
