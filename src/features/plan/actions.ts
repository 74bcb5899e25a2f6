'use server';

import { callersDatabase } from '@/server/callers-database';
import { answered, type WireResult } from '@/formats/wire';
import { nowMs } from '@/server/clock';
import { planGround, type PlanGround } from './use-cases/plan-ground';

/** What there is to plan, from now on. */
export async function groundAction(asked: {
  cabin: unknown;
  wish: unknown;
}): Promise<WireResult<PlanGround>> {
  return answered(() => planGround(callersDatabase(), asked, nowMs()));
}
