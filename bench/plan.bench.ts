import { exactly } from '../tests/unit/plan-exact';
import { benchOf, PLAN_START_MS } from '../tests/unit/plan-instances';
import { planRun, type PlanProblem } from '../src/core/plan';

const SIZES = [
  { pairs: 10, people: 2, irons: 2 },
  { pairs: 40, people: 4, irons: 3 },
  { pairs: 200, people: 4, irons: 3 },
];
const SEARCH_S = 2;
const EXACT_S = 10;
const minuteOf = (ms: number) => (ms - PLAN_START_MS) / 60_000;

/** The same bench for the exact solver: people and irons all alike, one temperature; so its end may be sooner. */
const eased = (problem: PlanProblem): PlanProblem => ({
  ...problem,
  pairs: problem.pairs.map((pair) => ({
    ...pair,
    steps: pair.steps.map(({ skill: _skill, ...step }) => ({
      ...step,
      ...(step.ironC === undefined ? {} : { ironC: 120 }),
    })),
  })),
});

for (const size of SIZES) {
  const problem = benchOf(1, size);
  const from = performance.now();
  const run = planRun(problem, { searchS: SEARCH_S });
  const first = run.result();
  const firstMs = performance.now() - from;
  run.advance(run.tries);
  const plan = run.result();
  const taken = performance.now() - from;
  const per = (gap: number) => `${(100 * gap).toFixed(2)} %`;
  console.log(
    `plan of ${size.pairs} pairs, ${plan.tasks.length} steps: at once ${per(first.gap)} from the best possible in ${firstMs.toFixed(0)} ms, then ${per(plan.gap)} in ${(taken / 1000).toFixed(1)} s (aim: 3 % in 2 s; 200 pairs in 5 s)`,
  );
  const since = performance.now();
  try {
    const best = await exactly(eased(problem), Math.ceil(minuteOf(plan.finishMs)), EXACT_S);
    console.log(
      `  the exact solver, without skills and temperatures: ends after ${best.finish.toFixed(0)} min, the plan after ${minuteOf(plan.finishMs).toFixed(0)}, in ${((performance.now() - since) / 1000).toFixed(1)} s`,
    );
  } catch (error) {
    console.log(`  the exact solver gives no plan in ${EXACT_S} s: ${String(error).slice(0, 80)}`);
  }
}
