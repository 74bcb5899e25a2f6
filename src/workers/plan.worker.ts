import { planRun, remediesFor, type Plan, type PlanProblem, type Remedy } from '../core/plan';
import { wallMs } from '../core/time';
import { serve } from './serve';

/** A bench to plan, and from which seed. */
export interface PlanQuestion {
  problem: PlanProblem;
  seed: number;
  /** How long to search, s; the house's where absent. */
  searchS?: number;
  /** Whether what would help is wanted too. */
  hasRemedies: boolean;
}

/** The plan, and what would help where it is late. */
export interface PlanAnswer {
  plan: Plan;
  remedies: Remedy[];
}

const TRIES_AT_ONCE = 5;
/** A browser makes each pause 4 ms long: few of them, but soon enough to hear that it is enough. */
const SLICE_MS = 80;
const LONGEST_REMEDIES_MS = 4000;

serve(async (question: PlanQuestion, turn): Promise<PlanAnswer> => {
  const { problem, seed, searchS, hasRemedies } = question;
  const run = planRun(problem, { seed, searchS });
  let sliceEndsMs = wallMs() + SLICE_MS;
  while (!run.advance(TRIES_AT_ONCE)) {
    if (wallMs() < sliceEndsMs) continue;
    if (!(await turn(run.done() / Math.max(1, run.tries)))) break;
    sliceEndsMs = wallMs() + SLICE_MS;
  }
  const plan = run.result();
  if (!hasRemedies) return { plan, remedies: [] };
  const until = wallMs() + LONGEST_REMEDIES_MS;
  return { plan, remedies: remediesFor(problem, plan, () => wallMs() > until) };
});
