'use server';

import { failed, type WireResult } from '@/formats/wire';
import { performWrite, performWriteOn } from '@/server/write';
import { learningScreenWords } from '@/words/screens/learning';
import { forgetLearning, rememberLearning, setExcluded } from './use-cases/change-learning';

/** A result counts no more, or again. */
export async function excludeResultAction(
  key: string,
  resultId: string,
  isExcluded: boolean,
): Promise<WireResult<null>> {
  return performWriteOn(key, {
    name: 'learning.exclude',
    target: resultId,
    work: (db, id) => setExcluded(db, id, isExcluded === true),
  });
}

/** Only results from now on count. */
export async function forgetLearningAction(
  key: string,
): Promise<WireResult<{ sinceAt: string | null }>> {
  return performWrite(key, 'learning.forget', forgetLearning);
}

/** What was forgotten counts again. */
export async function rememberLearningAction(
  key: string,
  sinceAt: string | null,
): Promise<WireResult<null>> {
  return performWrite(key, 'learning.remember', async (db) => {
    const isTime = typeof sinceAt === 'string' && !Number.isNaN(Date.parse(sinceAt));
    if (sinceAt !== null && !isTime) {
      return failed('invalid_input', learningScreenWords.learning.notATime);
    }
    return rememberLearning(db, sinceAt ?? undefined);
  });
}
