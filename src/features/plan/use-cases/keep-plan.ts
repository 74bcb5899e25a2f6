import { wholeProblem } from '@/core/model';
import { moveTask, planBound, rulesBroken, wholePlan, type PlannedTask } from '@/core/plan';
import { addPlan, latestPlan, removePlan } from '@/data/bench-plans';
import type { FrostDatabase } from '@/data/database';
import { saveTeamSettings } from '@/data/team-settings';
import { moveSchema, planToKeepSchema } from '@/formats/schemas/bench-plan';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import type { Write } from '@/server/write';
import { planWords } from '@/words/areas/plan';
import { planScreenWords } from '@/words/screens/plan';
import { say } from '@/words/say';
import { DEFAULT_UNITS } from '@/words/units';
import { writerFor } from '@/words/write';
import { jobsOfPairs, visitsNow } from '@/server/plan/pair-jobs';
import { planGround, type PlanGround } from './plan-ground';

const WORDS = planScreenWords.keepPlan;
const MINUTE_MS = 60_000;
/** The bench of a plan that took longer to make is another one by now. */
const LONGEST_MAKING_MS = 5 * MINUTE_MS;
const WRITE = writerFor(DEFAULT_UNITS);

interface KeepOptions {
  nowMs: number;
  write: Write;
}

/** Pairs of the bench of which no step is planned although some are left. */
function notPlanned({ left }: PlanGround, tasks: readonly PlannedTask[]): Set<string> {
  const planned = new Set(tasks.map(({ pairId }) => pairId));
  return new Set(left.problem.pairs.map(({ id }) => id).filter((id) => !planned.has(id)));
}

/** Whether each pair that is planned has each of its steps once. */
function isWhole({ left }: PlanGround, tasks: readonly PlannedTask[]): boolean {
  const steps = new Map(left.problem.pairs.map(({ id, steps: own }) => [id, own.length]));
  const seen = new Map<string, Set<number>>();
  for (const { pairId, index } of tasks) {
    const own = seen.get(pairId) ?? new Set();
    if (own.has(index) || index >= (steps.get(pairId) ?? 0)) return false;
    seen.set(pairId, own.add(index));
  }
  return [...seen].every(([pairId, own]) => own.size === steps.get(pairId));
}

/**
 * Keeps a plan that was made on a device: the bench is looked at anew, and a plan that does not keep its rules is
 * refused. Cabin and wish become those of the team.
 */
export async function keepPlan(
  db: FrostDatabase,
  input: unknown,
  { nowMs, write }: KeepOptions,
): Promise<WireResult<{ id: string }>> {
  const checked = validate(planToKeepSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  const { fromMs } = checked.value;
  if (Math.abs(nowMs - fromMs) > LONGEST_MAKING_MS) return failed('conflict', WORDS.tooOld);
  const ground = await planGround(db, checked.value, fromMs);
  if (!ground.ok) return ground;
  const { left, pairs, wish, cabin, timeZone } = ground.value;
  const coming: PlannedTask[] = checked.value.tasks;
  if (!isWhole(ground.value, coming)) {
    return invalidInput([{ field: 'tasks', message: planWords.cabin.tasks }]);
  }
  const [rule] = rulesBroken(left.problem, coming);
  if (rule) {
    const pair = pairs.find(({ id }) => id === rule.pairId);
    const why = say(planWords.RULE, rule.rule, WRITE);
    return failed('conflict', WORDS.cannotStand(pair?.skiName ?? '', why));
  }
  const { lowerBound, hopeless } = planBound(left.problem, notPlanned(ground.value, coming));
  return write(async (transaction, { id, at }) => {
    await saveTeamSettings(transaction, { cabin, planWish: wish });
    await addPlan(transaction, {
      id,
      madeAt: at,
      wish,
      cabin,
      timeZone,
      pairs,
      tasks: wholePlan(left, coming),
      left: hopeless.map(({ pairId, reason }) => ({
        pairId,
        message: say(planWords.HOPELESS, reason, WRITE),
      })),
      lowerBound,
      isMoved: false,
    });
    return { ok: true, value: { id } };
  });
}

/** Moves one step of the plan in force by hand, where every rule lets it stand. */
export async function moveStep(
  db: FrostDatabase,
  input: unknown,
  { id, at }: { id: string; at: string },
): Promise<WireResult<{ id: string }>> {
  const checked = validate(moveSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  const { planId, ...move } = checked.value;
  const plan = await latestPlan(db);
  if (plan?.id !== planId) return failed('conflict', WORDS.anotherPlan);
  const pair = plan.pairs.find((one) => one.id === move.pairId);
  const job = pair && (await jobsOfPairs(db, [pair])).get(pair.id);
  if (!pair || visitsNow(pair, job)[move.index]?.state !== 'ahead') {
    return failed('conflict', WORDS.past);
  }
  const moved = moveTask(wholeProblem(plan), plan.tasks, move);
  if (!moved.ok) {
    const why = moved.broken.map(({ rule }) => say(planWords.RULE, rule, WRITE));
    return failed('conflict', WORDS.cannotStand(pair.skiName, why.join(' ')));
  }
  await addPlan(db, { ...plan, id, madeAt: at, tasks: moved.tasks, isMoved: true });
  return { ok: true, value: { id } };
}

/** Takes the plan in force back; the one before is in force again. */
export async function takePlanBack(db: FrostDatabase, id: string): Promise<WireResult<null>> {
  const plan = await latestPlan(db);
  if (plan?.id !== id) return failed('conflict', WORDS.anotherPlan);
  await removePlan(db, id);
  return { ok: true, value: null };
}
