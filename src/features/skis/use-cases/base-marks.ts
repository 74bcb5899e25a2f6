import type { FrostDatabase } from '@/data/database';
import { addFinding, clearFindings, restoreFinding } from '@/data/ski-events';
import { findSki } from '@/data/skis';
import { findingSchema } from '@/formats/schemas/ski';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { skisScreenWords } from '@/words/screens/skis';

const WORDS = skisScreenWords.baseMarks;

/** Marks what was seen on a base. */
export async function markBase(
  db: FrostDatabase,
  input: unknown,
  stamp: { id: string; at: string },
): Promise<WireResult<{ id: string }>> {
  const checked = validate(findingSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  const ski = await findSki(db, checked.value.skiId);
  if (!ski) return failed('not_found', WORDS.thisSkiIsGoneChoose);
  if (checked.value.positionCm > ski.lengthCm) {
    const message = WORDS.beyondTail(ski.lengthCm);
    return invalidInput([{ field: 'positionCm', message }]);
  }
  await addFinding(db, { ...checked.value, id: stamp.id, foundAt: stamp.at });
  return { ok: true, value: { id: stamp.id } };
}

/** Clears a mark, or puts it back. */
export async function clearMark(
  db: FrostDatabase,
  { id, isBack, at }: { id: string; isBack: boolean; at: string },
): Promise<WireResult<null>> {
  if (isBack) await restoreFinding(db, id);
  else await clearFindings(db, { id }, at);
  return { ok: true, value: null };
}
