'use server';

import { checkedId } from '@/formats/schemas/ids';
import type { WireResult } from '@/formats/wire';
import { deed } from '@/server/deed';
import { restoreChoice, withdrawChoice } from './use-cases/withdraw-choice';

/** Withdraws a choice; the record keeps it. */
export async function withdrawChoiceAction(
  key: string,
  choiceId: string,
): Promise<WireResult<null>> {
  return deed(key, 'choice.withdraw', async (db, stamp) => {
    const id = checkedId(choiceId);
    return id.ok ? withdrawChoice(db, id.value, stamp) : id;
  });
}

/** Undoes the withdrawal of a choice. */
export async function restoreChoiceAction(
  key: string,
  choiceId: string,
): Promise<WireResult<null>> {
  return deed(key, 'choice.restore', async (db, stamp) => {
    const id = checkedId(choiceId);
    return id.ok ? restoreChoice(db, id.value, stamp) : id;
  });
}
