import type { Job, PlannedSheet } from '@/core/model';
import { begin, end, jobState, mendedBy, waxingsOf, type StepRecord } from '@/core/bench';
import { inTransaction, type FrostDatabase } from '@/data/database';
import {
  addJob,
  findJob,
  listOpenJobs,
  markJob,
  removeStepRecords,
  saveStepRecord,
} from '@/data/jobs';
import { addStockMove } from '@/data/stock';
import { addSkiEvent, clearFindings, undoJobEvents } from '@/data/ski-events';
import { runSchema } from '@/formats/schemas/bench';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import type { Write } from '@/server/write';
import { renderedSheet } from '@/words/rendered/sheet';
import type { Units } from '@/words/units';
import { writerFor } from '@/words/write';
import { planSheet } from './plan-sheet';
import { benchScreenWords } from '@/words/screens/bench';

const WORDS = benchScreenWords.runJob;

/** Where ids and the time of a move come from. */
export interface RunStamp {
  newId: () => string;
  nowMs: number;
}

const LEAST_REASON = 3;
const iso = (ms: number) => new Date(ms).toISOString();

/** Starts the sheet of a ski: one job a ski at a time. */
export async function startJob(
  db: FrostDatabase,
  input: unknown,
  { nowMs, write, units }: { nowMs: number; write: Write; units: Units },
): Promise<WireResult<{ id: string }>> {
  const planned = await planSheet(db, input, nowMs);
  if (!planned.ok) return planned;
  return write((transaction, { id }) => beginJob(transaction, planned.value, { id, nowMs, units }));
}

/** Writes a planned sheet down as a job that runs, within a transaction. */
export async function beginJob(
  transaction: FrostDatabase,
  { sheet, choiceId, outingId, skiId }: PlannedSheet,
  { id, nowMs, units }: { id: string; nowMs: number; units: Units },
): Promise<WireResult<{ id: string }>> {
  const open = (await listOpenJobs(transaction)).find((job) => job.skiId === skiId);
  if (open) return failed('conflict', WORDS.alreadyOnBench);
  await addJob(transaction, {
    id,
    outingId,
    skiId,
    choiceId,
    sheet: renderedSheet(sheet, writerFor(units)),
    startedAt: iso(nowMs),
    records: [],
  });
  const first = sheet.steps[0]!;
  await saveStepRecord(transaction, {
    jobId: id,
    kind: first.kind,
    record: begin(first, 0, nowMs),
  });
  return { ok: true, value: { id } };
}

/** Steps of a job that were worked, not skipped. */
const doneSteps = (job: Job, records: readonly StepRecord[]) =>
  job.sheet.steps.filter((_, i) =>
    records.some((one) => one.position === i && one.outcome && one.outcome !== 'skipped'),
  );

/** What a finished job writes into the life of the ski. */
async function finish(
  db: FrostDatabase,
  { job, records, stamp }: { job: Job; records: StepRecord[]; stamp: RunStamp },
) {
  const at = iso(stamp.nowMs);
  await markJob(db, job.id, { endedAt: at });
  const steps = doneSteps(job, records);
  const event = { skiId: job.skiId, jobId: job.id, atMs: stamp.nowMs };
  const waxings = waxingsOf(steps);
  for (const waxed of waxings) {
    await addSkiEvent(db, { ...event, id: stamp.newId(), kind: 'waxed', ...waxed });
  }
  if (steps.some((one) => one.kind === 'repair' || one.kind === 'edge')) {
    await addSkiEvent(db, { ...event, id: stamp.newId(), kind: 'repaired' });
  }
  if (waxings.some((one) => one.waxing === 'storage')) {
    await addSkiEvent(db, { ...event, id: stamp.newId(), kind: 'stored' });
  }
  await clearFindings(db, { skiId: job.skiId, kinds: mendedBy(steps), jobId: job.id }, at);
}

async function bookStock(
  db: FrostDatabase,
  {
    job,
    record,
    isUndo,
    stamp,
  }: { job: Job; record: StepRecord; isUndo: boolean; stamp: RunStamp },
): Promise<void> {
  const step = job.sheet.steps[record.position]!;
  if (!step.productId || !record.grams) return;
  await addStockMove(db, {
    id: stamp.newId(),
    productId: step.productId,
    kind: isUndo ? 'corrected' : 'used',
    grams: isUndo ? record.grams : -record.grams,
    note: `${job.sheet.title}: ${isUndo ? WORDS.takenBack(step.title) : step.title}`,
    isUndo,
    at: iso(stamp.nowMs),
  });
}

/** One step back: its record is taken back, its wax given back; a wait goes on with its own time. */
async function goBack(
  db: FrostDatabase,
  { job, position, stamp }: { job: Job; position: number; stamp: RunStamp },
) {
  const record = job.records.find((one) => one.position === position - 1);
  const step = job.sheet.steps[position - 1]!;
  if (job.endedAt) {
    await markJob(db, job.id, {});
    await undoJobEvents(db, job.id);
  }
  await removeStepRecords(db, job.id, position);
  if (!record) return;
  if (record.outcome === 'done') await bookStock(db, { job, record, isUndo: true, stamp });
  const isWait = record.dueMs !== undefined;
  const again: StepRecord = isWait
    ? { ...record, endedMs: undefined, outcome: undefined, skipReason: undefined }
    : begin(step, record.position, stamp.nowMs);
  await saveStepRecord(db, { jobId: job.id, kind: step.kind, record: again });
}

/** Ends the current step, done or skipped, and begins the next; the last one finishes the job. */
async function goOn(
  db: FrostDatabase,
  {
    job,
    position,
    ended,
    stamp,
  }: { job: Job; position: number; ended: StepRecord; stamp: RunStamp },
) {
  await saveStepRecord(db, { jobId: job.id, kind: job.sheet.steps[position]!.kind, record: ended });
  if (ended.outcome === 'done') await bookStock(db, { job, record: ended, isUndo: false, stamp });
  const next = job.sheet.steps[position + 1];
  if (next) {
    await saveStepRecord(db, {
      jobId: job.id,
      kind: next.kind,
      record: begin(next, position + 1, stamp.nowMs),
    });
  } else await finish(db, { job, records: [...job.records, ended], stamp });
}

/**
 * When a move was made, ms: a device out of reach says so. Never before the step began nor after now, whatever the
 * clock of the device says.
 */
const madeMs = (at: string | undefined, begunMs: number, nowMs: number): number =>
  at === undefined ? nowMs : Math.min(nowMs, Math.max(Date.parse(at), begunMs));

/**
 * One move of the runner: next, back, or skip with a reason. `position` is where the person saw the job; when another
 * device is elsewhere already, nothing moves and the answer says so.
 */
export async function moveJob(
  db: FrostDatabase,
  input: unknown,
  asked: RunStamp,
): Promise<WireResult<{ position: number; isDone: boolean }>> {
  const checked = validate(runSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  const { jobId, move, reason = '', setC, grams } = checked.value;
  return inTransaction(db, async (transaction) => {
    const job = await findJob(transaction, jobId);
    if (!job || job.droppedAt) {
      return failed('not_found', WORDS.thisJobWasPutAway);
    }
    const { position, current, record } = jobState(job.sheet, job.records);
    const begunMs = record?.startedMs ?? Date.parse(job.startedAt);
    const stamp = { ...asked, nowMs: madeMs(checked.value.at, begunMs, asked.nowMs) };
    if (position !== checked.value.position) {
      return failed('conflict', WORDS.movedElsewhere);
    }
    if (move === 'back') {
      if (position === 0) return failed('conflict', WORDS.atFirstStep);
      await goBack(transaction, { job, position, stamp });
    } else {
      if (!current) return failed('conflict', WORDS.thisJobIsDone);
      if (move === 'skip' && reason.trim().length < LEAST_REASON) {
        return invalidInput([{ field: 'reason', message: WORDS.sayWhyTheStepIs }]);
      }
      const begun = record ?? begin(current, position, stamp.nowMs);
      const ended: StepRecord =
        move === 'skip'
          ? { ...begun, endedMs: stamp.nowMs, outcome: 'skipped', skipReason: reason.trim() }
          : {
              ...end(begun, stamp.nowMs),
              setC: setC ?? current.figures.temperatureC,
              grams: grams ?? current.figures.grams,
            };
      await goOn(transaction, { job, position, ended, stamp });
    }
    const after = (await findJob(transaction, jobId))!;
    const state = jobState(after.sheet, after.records);
    return { ok: true, value: { position: state.position, isDone: state.isDone } };
  });
}

/** Puts a job away unfinished, or takes it out again; what was booked stays booked. */
export async function dropJob(
  db: FrostDatabase,
  { jobId, isDropped, nowMs }: { jobId: string; isDropped: boolean; nowMs: number },
): Promise<WireResult<null>> {
  const job = await findJob(db, jobId);
  if (!job || job.endedAt) return failed('not_found', WORDS.jobOver);
  await markJob(db, jobId, isDropped ? { droppedAt: iso(nowMs) } : {});
  return { ok: true, value: null };
}
