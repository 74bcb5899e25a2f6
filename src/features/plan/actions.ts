'use server';

import { callersDatabase } from '@/server/callers-database';
import { answered, type WireResult } from '@/formats/wire';
import { nowMs } from '@/server/clock';
import { performWrite, performWriteOn, writing } from '@/server/write';
import { readersUnits } from '@/server/readers-units';
import { keepPlan, moveStep, takePlanBack } from './use-cases/keep-plan';
import { planGround, type PlanGround } from './use-cases/plan-ground';
import { tickVisit } from '@/server/plan/tick-visit';

/** What there is to plan, from now on. */
export async function groundAction(asked: {
  cabin: unknown;
  wish: unknown;
}): Promise<WireResult<PlanGround>> {
  return answered(() => planGround(callersDatabase(), asked, nowMs()));
}

/** Keeps a plan made on this device. */
export async function keepPlanAction(
  key: string,
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  const write = writing(key, 'plan.keep');
  return answered(() => keepPlan(callersDatabase(), input, { nowMs: nowMs(), write }));
}

/** Moves a step of the plan in force. */
export async function moveStepAction(
  key: string,
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  return performWrite(key, 'plan.move', (db, stamp) => moveStep(db, input, stamp));
}

/** Takes the plan in force back. */
export async function takePlanBackAction(key: string, planId: string): Promise<WireResult<null>> {
  return performWriteOn(key, {
    name: 'plan.back',
    target: planId,
    work: (db, id) => takePlanBack(db, id),
  });
}

/** A visit is done, or taken back. */
export async function tickAction(
  key: string,
  input: unknown,
): Promise<WireResult<{ jobId: string }>> {
  const write = writing(key, 'plan.tick');
  const units = await readersUnits();
  return answered(() => tickVisit(callersDatabase(), input, { nowMs: nowMs(), units, write }));
}
