import { casesFromReading } from '@/core/choice';
import type { Outing, Reading } from '@/core/model';
import { loadCourse } from '@/data/course';
import type { FrostDatabase } from '@/data/database';
import { findOuting } from '@/data/outings';
import { findReading } from '@/data/readings';
import { failed, type WireResult } from '@/formats/wire';
import { modelledCases, type ChoiceGround } from '@/server/cases';
import { pickScreenWords } from '@/words/screens/pick';
import type { ChoiceInput } from './choice-input';

const WORDS = pickScreenWords.saveChoice;

/** The outing with the snow that a choice for it stands on. */
export interface StoredGround extends ChoiceGround {
  outing: Outing;
}

/** Finds what a choice stands on: the last reading, or the outlook over the start window as typed. */
export async function choiceGround(
  db: FrostDatabase,
  { outingId, readingId, basis, facts, startAt }: ChoiceInput,
): Promise<WireResult<StoredGround>> {
  const outing = await findOuting(db, outingId);
  if (!outing) return failed('not_found', WORDS.thisOutingIsGoneChoose);
  const found = readingId === undefined ? undefined : await findReading(db, readingId);
  const reading: Reading | undefined = found?.outingId === outingId ? found : undefined;
  if (!reading && (readingId !== undefined || basis === 'measured')) {
    return failed('not_found', WORDS.readingCorrected);
  }
  if (basis === 'measured') {
    const cases = casesFromReading(reading!, Date.parse(startAt));
    return { ok: true, value: { outing, cases } };
  }
  const planned = {
    ...outing,
    ...facts,
    startAt,
    hoursOnSnow: facts.hoursOnSnow,
    fluorocarbonsAllowed: facts.fluorocarbonsAllowed === true,
  };
  const ground = await modelledCases(db, {
    course: await loadCourse(db, planned),
    outing: planned,
    reading,
  });
  return ground
    ? { ok: true, value: { outing, ...ground } }
    : failed('not_found', WORDS.noWeatherForStart);
}
