/** A linear program in which some unknowns are whole numbers: what is sought, what must hold, what it costs. */
export interface Program {
  cost: number[];
  lower: number[];
  upper: number[];
  whole: boolean[];
  rows: { at: number[]; by: number[]; lower: number; upper: number }[];
}

export const emptyProgram = (): Program => ({ cost: [], lower: [], upper: [], whole: [], rows: [] });

/** One unknown more; gives its number. */
export function unknown(program: Program, cost: number, lower = 0, upper = 1, whole = true): number {
  program.cost.push(cost);
  program.lower.push(lower);
  program.upper.push(upper);
  program.whole.push(whole);
  return program.cost.length - 1;
}

/** What must hold of some unknowns: their weighted sum between two values. */
export function must(
  program: Program,
  terms: readonly (readonly [at: number, by: number])[],
  lower: number,
  upper: number,
): Program['rows'][number] {
  const row = { at: terms.map(([at]) => at), by: terms.map(([, by]) => by), lower, upper };
  if (terms.length > 0) program.rows.push(row);
  return row;
}

/** What a solver came to: values of the unknowns, and the least that any answer could cost. */
export interface Solved {
  values: number[] | null;
  cost: number;
  bound: number;
}

/** Solves a program as well as it can in so many seconds, or to so small a gap; `start` is an answer to begin from. */
export type Solve = (
  program: Program,
  options: {
    seconds: number;
    /** It ends where no answer could be better by more than that share. */
    gap?: number | undefined;
    start?: readonly number[] | undefined;
    onProgress?: ((gap: number) => void) | undefined;
  },
) => Promise<Solved>;
