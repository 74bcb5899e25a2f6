import type { InferType } from 'yup';
import {
  planRun,
  remediesFor,
  trialsOf,
  type Plan,
  type PlanProblem,
  type Slack,
} from '@/core/plan';
import {
  planProblemFrom,
  planRequestSchema,
  type planResponseSchema,
} from '@/formats/schemas/plan';
import { validate } from '@/formats/schemas/validation';
import { jsonFrom } from '@/formats/json';
import { invalidInput, type WireResult } from '@/formats/wire';
import { nowMs } from '@/server/clock';
import { offLoop } from '@/server/compute/pool';
import { task } from '@/server/compute/task';
import { planWords } from '@/words/areas/plan';
import { rendered } from '@/words/say';
import { DEFAULT_UNITS } from '@/words/units';
import { writerFor } from '@/words/write';

export type PlanResponse = InferType<typeof planResponseSchema>;

/** Answers of the API are in SI units. */
const WRITE = writerFor(DEFAULT_UNITS);
/** Tries between two looks at what else the thread has to do. */
const TRIES_AT_ONCE = 5;

/** A machine that is slower than usual, or a bench that is large, gets so much more, ms: then the best so far stands. */
const LONGEST_SEARCH_MS = 20_000;
const LONGEST_REMEDIES_MS = 10_000;

/** Whether so many milliseconds are over. */
function timeUp(allowedMs: number): () => boolean {
  const until = nowMs() + allowedMs;
  return () => nowMs() > until;
}

const isoOf = (ms: number) => new Date(ms).toISOString();

function toResponse(problem: PlanProblem, plan: Plan): PlanResponse {
  const { tasks, lateness, weightedLatenessMin, ironChanges, lowerBound, gap, hopeless } = plan;
  const { sureness, slack } = trialsOf(problem, plan);
  return {
    tasks: tasks.map(({ startMs, endMs, ...rest }) => ({
      ...rest,
      start: isoOf(startMs),
      end: isoOf(endMs),
    })),
    lateness,
    weightedLatenessMin,
    finish: isoOf(plan.finishMs),
    ironChanges,
    lowerBound: {
      weightedLatenessMin: lowerBound.weightedLatenessMin,
      finish: isoOf(lowerBound.finishMs),
    },
    gap,
    sureness: sureness.map(({ pairId, sureMs, inTime }) => ({
      pairId,
      readyBy: Number.isFinite(sureMs) ? isoOf(sureMs) : null,
      inTime,
    })),
    ...(slack && { slack: slackSaid(slack) }),
    ...remediesSaid(problem, plan),
    ...(hopeless.length === 0
      ? {}
      : {
          infeasible: hopeless.map(({ pairId, stepKey, reason }) => ({
            pairId,
            stepKey,
            reason: rendered(planWords.HOPELESS, reason, WRITE),
          })),
        }),
  };
}

function slackSaid({ pairId, inTime, free }: Slack): PlanResponse['slack'] {
  if (!free) return { pairId, inTime };
  const { stepKey, index } = free.task;
  const before = { stepKey, index, minutes: free.minutes, inTime: free.inTime };
  return { pairId, inTime, before };
}

/** What would help, where something is late or left out. */
function remediesSaid(problem: PlanProblem, plan: Plan): Pick<PlanResponse, 'remedies'> {
  const remedies = remediesFor(problem, plan, timeUp(LONGEST_REMEDIES_MS));
  if (remedies.length === 0) return {};
  return {
    remedies: remedies.map(({ change, ...rest }) => ({
      ...rest,
      change: rendered(planWords.REMEDY, change, WRITE),
    })),
  };
}

/** The plan of a request; pauses between tries, so that a thread gets on with others. */
export async function answerPlan(body: unknown): Promise<WireResult<PlanResponse>> {
  const checked = validate(planRequestSchema, body);
  if (!checked.ok) return invalidInput(checked.problems);
  const { seed, secondsToSearch } = checked.value;
  const problem = planProblemFrom(checked.value);
  const isEnough = timeUp(LONGEST_SEARCH_MS);
  const run = planRun(problem, { seed, searchS: secondsToSearch, isEnough });
  while (!run.advance(TRIES_AT_ONCE)) await new Promise((resolve) => setImmediate(resolve));
  return { ok: true, value: toResponse(problem, run.result()) };
}

async function answerText(text: string): Promise<WireResult<PlanResponse>> {
  const body = jsonFrom(text);
  return body.ok ? answerPlan(body.value) : body;
}

export const planTask = task('plan', 'long', answerText);

/** Answers a request's text off the event loop. */
export const planFromText = (text: string) => offLoop(planTask, text);
