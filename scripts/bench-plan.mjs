import { createRequire } from 'node:module';

const SECONDS = 55;

/** How well the solver places the 300 pieces of the meadow pumper in a minute, beside largest first. */
export async function benchPlan() {
  const { meadowListed } = await import('../dist/core/demonstration/index.js');
  const { house } = await import('../dist/core/subjects/index.js');
  const { SCHOOLS, USUAL_WISHES } = await import('../dist/core/subjects/stowing/index.js');
  const { largestFirst, planned, problemOf, solverBy } =
    await import('../dist/core/subjects/stowing/plan/index.js');
  const rules = { where: SCHOOLS[0].where, growthPct: 10 };
  const start = performance.now();
  const problem = problemOf(house.evaluate(meadowListed), rules, USUAL_WISHES);
  const solve = solverBy(await createRequire(import.meta.url)('highs')());
  const { cost, bound, left } = await planned(problem, solve, {
    seconds: SECONDS,
    now: () => performance.now(),
  });
  const seconds = (performance.now() - start) / 1_000;
  const first = largestFirst(problem);
  const pieces = problem.items.reduce((sum, { line }) => sum + line.count, 0);
  const gap = (100 * (cost - bound)) / cost;
  console.log(
    `Meadow pumper: ${pieces} pieces in ${problem.items.length} lines placed in ${seconds.toFixed(0)} s (aim: 60 s): ${left.length} lines left out, cost ${cost.toFixed(0)}, no answer under ${bound.toFixed(0)} (gap ${gap.toFixed(0)} %); largest first: ${first.left.length} left out, cost ${first.cost.toFixed(0)}, without what is left out ${(first.cost - 1_000 * first.left.length).toFixed(0)}`,
  );
}
