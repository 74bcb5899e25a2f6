'use server';

import { cookies } from 'next/headers';
import { callersDatabase } from '@/server/callers-database';
import { checkedId } from '@/formats/schemas/ids';
import { asFields } from '@/formats/schemas/validation';
import { answered, type WireResult } from '@/formats/wire';
import { performWrite, performWriteOn } from '@/server/write';
import { keepAnswer, markInput, type ToldMark } from './use-cases/answer-drill';
import { LEARNER_COOKIE } from './use-cases/learner-cookie';
import { deleteLearner, settle, writeDispute, writeLearner } from './use-cases/people';

const ONE_YEAR_S = 31_536_000;

/** Who practises on this device from now on; nobody with an empty id. */
export async function chooseLearnerAction(id: string): Promise<void> {
  const jar = await cookies();
  const checked = checkedId(id);
  if (checked.ok) {
    jar.set(LEARNER_COOKIE, checked.value, { maxAge: ONE_YEAR_S, sameSite: 'lax', path: '/' });
  } else jar.delete(LEARNER_COOKIE);
}

/** Writes down somebody who practises, and goes on as them. */
export async function addLearnerAction(
  key: string,
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  const added = await performWrite(key, 'practice.person', (db, stamp) =>
    writeLearner(db, input, stamp),
  );
  if (added.ok) await chooseLearnerAction(added.value.id);
  return added;
}

/** Deletes a person with all their answers. */
export async function deleteLearnerAction(key: string, id: string): Promise<WireResult<null>> {
  return performWriteOn(key, {
    name: 'practice.forget',
    target: id,
    work: (db, target) => deleteLearner(db, target),
  });
}

/** Marks an answer, and keeps it under a name where there is one. */
export async function answerDrillAction(
  key: string,
  input: unknown,
): Promise<WireResult<ToldMark & { isKept: boolean }>> {
  const marked = await answered(() => markInput(callersDatabase(), input));
  if (!marked.ok) return marked;
  const { told } = marked.value;
  const { learnerId } = asFields(input);
  if (typeof learnerId !== 'string') return { ok: true, value: { ...told, isKept: false } };
  const kept = await performWriteOn(key, {
    name: 'practice.answer',
    target: learnerId,
    work: (db, id, stamp) => keepAnswer(db, marked.value, { ...stamp, learnerId: id }),
  });
  return kept.ok ? { ok: true, value: { ...told, isKept: true } } : kept;
}

/** “I would not sign this.” */
export async function disputeAction(
  key: string,
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  return performWrite(key, 'practice.dispute', (db, stamp) => writeDispute(db, input, stamp));
}

/** The team has looked at a disputed answer. */
export async function settleDisputeAction(key: string, id: string): Promise<WireResult<null>> {
  return performWriteOn(key, {
    name: 'practice.settle',
    target: id,
    work: (db, target, stamp) => settle(db, target, stamp.at),
  });
}
