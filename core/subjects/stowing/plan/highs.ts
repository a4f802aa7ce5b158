import type { Highs } from 'highs';
import type { Program, Solve, Solved } from './program.js';

/** A relative gap that nobody would notice ends the search. */
const GAP = 0.002;

const infinite = (highs: Highs, value: number): number =>
  Number.isFinite(value) ? value : Math.sign(value) * highs.infinity;

/** The rows of a program as a sparse matrix, row by row. */
function matrixOf({ rows, cost }: Program) {
  const starts = new Int32Array(rows.length + 1);
  for (const [i, { at }] of rows.entries()) starts[i + 1] = starts[i]! + at.length;
  return {
    format: 'csr' as const,
    numRows: rows.length,
    numCols: cost.length,
    starts,
    indices: Int32Array.from(rows.flatMap(({ at }) => at)),
    values: Float64Array.from(rows.flatMap(({ by }) => by)),
  };
}

/** The HiGHS solver as the plan asks it. */
export const solverBy =
  (highs: Highs): Solve =>
  (program, { seconds, gap = GAP, start, onProgress }) =>
    Promise.resolve(
      highs.withModel((model): Solved => {
        const { variableType, callbackType } = highs.constants;
        model.passModel({
          numCols: program.cost.length,
          numRows: program.rows.length,
          colCost: program.cost,
          colLower: program.lower,
          colUpper: program.upper.map((value) => infinite(highs, value)),
          rowLower: program.rows.map(({ lower }) => infinite(highs, lower)),
          rowUpper: program.rows.map(({ upper }) => infinite(highs, upper)),
          matrix: matrixOf(program),
          integrality: program.whole.map((whole) => (whole ? variableType.integer : variableType.continuous)),
        });
        model.options.set({ output_flag: false, time_limit: seconds, mip_rel_gap: gap });
        if (start) model.setSolution({ colValue: Float64Array.from(start) });
        model.run({
          [callbackType.mipLogging](event: { data: { mip_gap?: number } }) {
            onProgress?.(event.data.mip_gap ?? Infinity);
          },
        });
        const cost = model.getObjectiveValue();
        const bound = Number(model.info.get('mip_dual_bound'));
        const found = Number.isFinite(cost) && Number(model.info.get('primal_solution_status')) === 2;
        return { values: found ? Array.from(model.getSolution().colValue) : null, cost, bound };
      }),
    );
