'use server';

import type { WireResult } from '@/formats/wire';
import { deedOn } from '@/server/deed';
import { restoreChoice, withdrawChoice } from './use-cases/withdraw-choice';

/** Withdraws a choice; the record keeps it. */
export async function withdrawChoiceAction(
  key: string,
  choiceId: string,
): Promise<WireResult<null>> {
  return deedOn(key, {
    name: 'choice.withdraw',
    target: choiceId,
    work: (db, id, stamp) => withdrawChoice(db, id, stamp),
  });
}

/** Undoes the withdrawal of a choice. */
export async function restoreChoiceAction(
  key: string,
  choiceId: string,
): Promise<WireResult<null>> {
  return deedOn(key, {
    name: 'choice.restore',
    target: choiceId,
    work: (db, id, stamp) => restoreChoice(db, id, stamp),
  });
}
