import type { FrostDatabase } from '@/data/database';
import { addGripTest, markGripTest } from '@/data/grip-tests';
import { findOuting } from '@/data/outings';
import { gripTestSchema } from '@/formats/schemas/grip-test';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { testScreenWords } from '@/words/screens/test';

const WORDS = testScreenWords.keepTest;

interface Stamp {
  id: string;
  at: string;
}

/** Keeps how a grip wax held on the marked hill. */
export async function keepGripTest(
  db: FrostDatabase,
  input: unknown,
  { id, at }: Stamp,
): Promise<WireResult<{ id: string }>> {
  const checked = validate(gripTestSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  if (!(await findOuting(db, checked.value.outingId))) return failed('not_found', WORDS.outingGone);
  await addGripTest(db, { ...checked.value, id, testedAt: at });
  return { ok: true, value: { id } };
}

/** Takes a test of grip back, or puts it in again. */
export async function markGrip(
  db: FrostDatabase,
  id: string,
  removedAt: string | null,
): Promise<WireResult<null>> {
  return (await markGripTest(db, id, removedAt))
    ? { ok: true, value: null }
    : failed('not_found', WORDS.testGone);
}
