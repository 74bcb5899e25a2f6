import { SNOW_FIELDS_OF_READING, type KeptGlideTest } from '@/core/model';
import type { SnowConditions } from '@/core/wax';
import type { FrostDatabase } from '@/data/database';
import {
  addGlideRun,
  addGlideTest,
  findGlideTest,
  listGlideRuns,
  markGlideRun,
} from '@/data/glide-tests';
import { findOuting } from '@/data/outings';
import { listReadings } from '@/data/readings';
import { onlyOf } from '@/data/rows';
import { glideRequestSchema, hillOf, newRunSchema, newTestSchema } from '@/formats/schemas/glide';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { testScreenWords } from '@/words/screens/test';

const WORDS = testScreenWords.keepTest;
const MOST_RUNS = 500;

interface Stamp {
  id: string;
  at: string;
}

/** Begins a test: what is compared, and the snow as it was last read. */
export async function beginTest(
  db: FrostDatabase,
  input: unknown,
  { id, at }: Stamp,
): Promise<WireResult<{ id: string }>> {
  const checked = validate(newTestSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  const { outingId, hill } = checked.value;
  if (!(await findOuting(db, outingId))) return failed('not_found', WORDS.outingGone);
  const [reading] = await listReadings(db, outingId, 1);
  const test: KeptGlideTest = {
    ...checked.value,
    id,
    startedAt: at,
    hill: hill && hillOf(hill),
    snow: reading && (onlyOf(SNOW_FIELDS_OF_READING, reading) as unknown as SnowConditions),
  };
  await addGlideTest(db, test);
  return { ok: true, value: { id } };
}

/** Adds a run of a test, which must be one that the analysis takes. */
export async function addRun(
  db: FrostDatabase,
  input: unknown,
  { id }: Stamp,
): Promise<WireResult<{ id: string }>> {
  const checked = validate(newRunSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  const run = checked.value;
  const test = await findGlideTest(db, run.testId);
  if (!test) return failed('not_found', WORDS.testGone);
  if (!test.skis.includes(run.ski)) {
    return invalidInput([{ field: 'ski', message: WORDS.notInTest(run.ski) }]);
  }
  const asRun = { minute: 0, ski: run.ski, [test.measure]: run.value };
  const sound = validate(glideRequestSchema, { runs: [asRun] });
  if (!sound.ok) {
    return invalidInput(sound.problems.map(({ message }) => ({ field: 'value', message })));
  }
  if ((await listGlideRuns(db, run.testId)).length >= MOST_RUNS) {
    return failed('conflict', WORDS.full(MOST_RUNS));
  }
  await addGlideRun(db, { ...run, id });
  return { ok: true, value: { id } };
}

/** Takes a run back at a time, or puts it in again. */
export async function markRun(
  db: FrostDatabase,
  id: string,
  removedAt: string | null,
): Promise<WireResult<null>> {
  return (await markGlideRun(db, id, removedAt))
    ? { ok: true, value: null }
    : failed('not_found', WORDS.runGone);
}
