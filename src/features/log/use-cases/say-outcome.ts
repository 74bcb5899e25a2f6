import { choicesOf } from '@/data/choices';
import type { FrostDatabase } from '@/data/database';
import { addOutcome, takeOutcomesBack } from '@/data/outcomes';
import { outcomeSchema } from '@/formats/schemas/outcome';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { logScreenWords } from '@/words/screens/log';

const WORDS = logScreenWords.outcome;

interface Stamp {
  id: string;
  at: string;
}

/** Says how a choice turned out; said again, the newer one stands. */
export async function sayOutcome(
  db: FrostDatabase,
  input: unknown,
  { id, at }: Stamp,
): Promise<WireResult<{ id: string }>> {
  const checked = validate(outcomeSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  const { choiceId, glide, feel } = checked.value;
  const [choice] = await choicesOf(db, [choiceId]);
  if (!choice) return failed('not_found', WORDS.choiceGone);
  await takeOutcomesBack(db, choiceId, at);
  await addOutcome(db, { id, choiceId, glide, feel, createdAt: at });
  return { ok: true, value: { id } };
}

/** Takes back how a choice turned out. */
export async function takeOutcomeBack(
  db: FrostDatabase,
  choiceId: string,
  { at }: Stamp,
): Promise<WireResult<null>> {
  return (await takeOutcomesBack(db, choiceId, at))
    ? { ok: true, value: null }
    : failed('not_found', WORDS.nothingToTakeBack);
}
