import { isItem } from '@/core/practice';
import type { FrostDatabase } from '@/data/database';
import { addDispute, addLearner, findLearner, removeLearner, settleDispute } from '@/data/practice';
import { disputeSchema, learnerSchema } from '@/formats/schemas/practice';
import { asFields, validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { practiceScreenWords } from '@/words/screens/practice';

const WORDS = practiceScreenWords.answer;

interface Stamp {
  id: string;
  at: string;
}

/** Writes down somebody who practises. */
export async function writeLearner(
  db: FrostDatabase,
  input: unknown,
  { id, at }: Stamp,
): Promise<WireResult<{ id: string }>> {
  const checked = validate(learnerSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  await addLearner(db, { id, name: (checked.value as { name: string }).name, createdAt: at });
  return { ok: true, value: { id } };
}

/** Deletes a person with all their answers. */
export async function deleteLearner(db: FrostDatabase, id: string): Promise<WireResult<null>> {
  return (await removeLearner(db, id))
    ? { ok: true, value: null }
    : failed('not_found', WORDS.noPerson);
}

/** “I would not sign this”: puts an answer of the model on the list for the team. */
export async function writeDispute(
  db: FrostDatabase,
  input: unknown,
  { id, at }: Stamp,
): Promise<WireResult<{ id: string }>> {
  const { learnerId, ...rest } = asFields(input);
  const checked = validate(disputeSchema, rest);
  if (!checked.ok) return invalidInput(checked.problems);
  const given = checked.value as Parameters<typeof isItem>[0] & { pastId?: string; words?: string };
  if (!isItem(given)) return failed('not_found', WORDS.noItem);
  const learner = typeof learnerId === 'string' ? await findLearner(db, learnerId) : undefined;
  await addDispute(db, { id, ...given, learnerName: learner?.name ?? '', disputedAt: at });
  return { ok: true, value: { id } };
}

/** The team has looked at it. */
export async function settle(db: FrostDatabase, id: string, at: string): Promise<WireResult<null>> {
  return (await settleDispute(db, id, at))
    ? { ok: true, value: null }
    : failed('not_found', WORDS.noDispute);
}
