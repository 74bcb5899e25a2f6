import { DomainError } from '@/core/errors';
import { handedIn, SNOW_FIELDS_OF_READING, type Reading } from '@/core/model';
import {
  isItem,
  keptMark,
  markAnswer,
  type Asked,
  type Drill,
  type DrillAnswers,
  type DrillItem,
  type DrillMarks,
} from '@/core/practice';
import type { SnowConditions } from '@/core/wax';
import type { FrostDatabase } from '@/data/database';
import { addAnswer, findLearner } from '@/data/practice';
import { findReading } from '@/data/readings';
import { checkedId } from '@/formats/schemas/ids';
import { answerSchema, itemSchema } from '@/formats/schemas/practice';
import { asFields, validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { offLoop } from '@/server/compute/pool';
import { task } from '@/server/compute/task';
import type { Write } from '@/server/write';
import { practiceScreenWords } from '@/words/screens/practice';

const WORDS = practiceScreenWords.answer;

/** What an answer came to, as the screen tells it. */
export type MarkedDrill = { [D in Drill]: { drill: D; mark: DrillMarks[D] } }[Drill];

/** The snow of a reading as a situation has it. */
export const snowOf = (reading: Reading): SnowConditions =>
  handedIn(SNOW_FIELDS_OF_READING, reading);

/** Marks an answer; what belongs to no such item is told as such. */
function markDrill(item: Asked, answer: unknown): WireResult<MarkedDrill> {
  try {
    const mark = markAnswer(item, answer as DrillAnswers[Drill]);
    return { ok: true, value: { drill: item.drill, mark } as MarkedDrill };
  } catch (error) {
    if (error instanceof DomainError) return failed('invalid_input', WORDS.notOfThis);
    throw error;
  }
}

/** Marking irons a whole ski again, or runs a morning of snow. */
export const markTask = task('practice mark', 'quick', markDrill);

/** An answer that was marked, ready to be kept. */
export interface Marked {
  item: DrillItem & { pastId?: string };
  answer: unknown;
  seconds: number;
  result: MarkedDrill;
}

/** Checks and marks an answer; nothing is kept by it. */
async function markInput(db: FrostDatabase, input: unknown): Promise<WireResult<Marked>> {
  const { answer: given, learnerId: _who, ...rest } = asFields(input);
  const checked = validate(itemSchema, rest);
  if (!checked.ok) return invalidInput(checked.problems);
  const { seconds, ...item } = checked.value;
  if (!isItem(item)) return failed('not_found', WORDS.noItem);
  const answer = validate(answerSchema(item.drill), given);
  if (!answer.ok) return invalidInput(answer.problems);
  const past = item.pastId === undefined ? undefined : await findReading(db, item.pastId);
  if (item.pastId !== undefined && !past) return failed('not_found', WORDS.noItem);
  const result = await offLoop(markTask, { ...item, past: past && snowOf(past) }, answer.value);
  if (!result.ok) return result;
  return { ok: true, value: { item, answer: answer.value, seconds, result: result.value } };
}

/** Keeps an answer under the name of who gave it. */
async function keepAnswer(
  db: FrostDatabase,
  { item, answer, seconds, result }: Marked,
  who: { id: string; at: string; learnerId: string },
): Promise<WireResult<{ id: string }>> {
  const { id, at, learnerId } = who;
  if (!(await findLearner(db, learnerId))) return failed('not_found', WORDS.noPerson);
  const { quality } = result.mark;
  const mark = keptMark(result.mark);
  await addAnswer(db, { id, learnerId, ...item, answer, quality, mark, seconds, answeredAt: at });
  return { ok: true, value: { id } };
}

/** Marks an answer, and keeps it under a name where there is one. */
export async function answerDrill(
  db: FrostDatabase,
  input: unknown,
  { write }: { write: Write },
): Promise<WireResult<MarkedDrill & { isKept: boolean }>> {
  const marked = await markInput(db, input);
  if (!marked.ok) return marked;
  const { result } = marked.value;
  const { learnerId } = asFields(input);
  if (typeof learnerId !== 'string') return { ok: true, value: { ...result, isKept: false } };
  const who = checkedId(learnerId);
  if (!who.ok) return who;
  const kept = await write((transaction, stamp) =>
    keepAnswer(transaction, marked.value, { ...stamp, learnerId: who.value }),
  );
  return kept.ok ? { ok: true, value: { ...result, isKept: true } } : kept;
}
