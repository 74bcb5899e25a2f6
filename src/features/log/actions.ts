'use server';

import type { WireResult } from '@/formats/wire';
import { deed, deedOn } from '@/server/deed';
import { sayOutcome, takeOutcomeBack } from './use-cases/say-outcome';
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

/** Says how a choice turned out. */
export async function sayOutcomeAction(
  key: string,
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  return deed(key, 'outcome.say', (db, stamp) => sayOutcome(db, input, stamp));
}

/** Takes it back. */
export async function takeOutcomeBackAction(
  key: string,
  choiceId: string,
): Promise<WireResult<null>> {
  return deedOn(key, {
    name: 'outcome.back',
    target: choiceId,
    work: (db, id, stamp) => takeOutcomeBack(db, id, stamp),
  });
}
