import { jobState, WAIT_KINDS } from '@/core/bench';
import { stationSteps } from '@/core/plan';
import { latestPlan } from '@/data/bench-plans';
import { inTransaction, type FrostDatabase } from '@/data/database';
import { findJob, removeStepRecords } from '@/data/jobs';
import { tickSchema } from '@/formats/schemas/bench-plan';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { planSheet } from '@/server/job/plan-sheet';
import { beginJob, moveJob, type RunStamp } from '@/server/job/run-job';
import type { Write } from '@/server/write';
import { planScreenWords } from '@/words/screens/plan';
import { jobsOfPairs } from './pair-jobs';
import type { Units } from '@/words/units';

const WORDS = planScreenWords.tickVisit;

/** Which visit of which pair was ticked, or taken back. */
interface Ticked {
  pairId: string;
  index: number;
  isBack: boolean;
}

/**
 * One tick: a whole visit of a pair is done, or taken back. The job is started where it was not, its steps are ended
 * one by one as the runner would, and the wait after them begins.
 */
export async function tickVisit(
  db: FrostDatabase,
  input: unknown,
  { nowMs, units, write }: { nowMs: number; units: Units; write: Write },
): Promise<WireResult<{ jobId: string }>> {
  const checked = validate(tickSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  const ticked = checked.value;
  const plan = await latestPlan(db);
  const pair = plan?.pairs.find(({ id }) => id === ticked.pairId);
  if (!pair) return failed('not_found', WORDS.notInPlan);
  const { outingId, skiId } = pair;
  const running = (await jobsOfPairs(db, [pair])).get(pair.id);
  if (!running && ticked.isBack) return failed('conflict', WORDS.notStarted);
  const planned = running ? undefined : await planSheet(db, { outingId, skiId }, nowMs);
  if (planned && !planned.ok) return planned;
  return write(async (transaction, stamp) => {
    const jobId = running?.id ?? stamp.id;
    if (planned) {
      const begun = await beginJob(transaction, planned.value, {
        id: jobId,
        nowMs,
        units,
      });
      if (!begun.ok) return begun;
    }
    const moved = await runTo(
      transaction,
      { jobId, ticked, key: pair.steps[ticked.index]?.key },
      stamp,
    );
    return moved.ok ? { ok: true, value: { jobId } } : moved;
  });
}

/** Moves a job to the end of a visit's hands, or back to its begin. */
function runTo(
  db: FrostDatabase,
  { jobId, ticked, key }: { jobId: string; ticked: Ticked; key: string | undefined },
  stamp: RunStamp,
): Promise<WireResult<null>> {
  return inTransaction(db, async (transaction) => {
    const job = await findJob(transaction, jobId);
    const visit = job && stationSteps(job.sheet.steps)[ticked.index];
    // The sheet is another one by now: the plan must be made anew before its steps can be ticked.
    if (!job || !visit || visit.key !== key) return failed('conflict', WORDS.sheetChanged);
    let { position } = jobState(job.sheet, job.records);
    const aim = ticked.isBack ? visit.fromStep : visit.toStep;
    if (ticked.isBack ? position <= aim : position >= aim) {
      return failed('conflict', ticked.isBack ? WORDS.notDone : WORDS.isDone);
    }
    if (!ticked.isBack && position < visit.fromStep) return failed('conflict', WORDS.notYet);
    while (ticked.isBack ? position > aim : position < aim) {
      const move = ticked.isBack ? 'back' : 'next';
      const moved = await moveJob(transaction, { jobId, position, move }, stamp);
      if (!moved.ok) return moved;
      position = moved.value.position;
    }
    // The runner begins the next step at once. After a tick nobody has taken it up yet, unless it is a wait.
    const next = job.sheet.steps[position];
    if (next && !WAIT_KINDS.includes(next.kind)) {
      await removeStepRecords(transaction, jobId, position);
    }
    return { ok: true, value: null };
  });
}
