import { choose } from '@/core/choice';
import { measureGrains } from '@/core/grain-card';
import { mapRow } from '@/core/iron';
import { planBench } from '@/core/plan';
import type { GrainQuestion } from '@/workers/grain.worker';
import type { IronRow } from '@/workers/iron.worker';
import type { PlanQuestion } from '@/workers/plan.worker';
import { fewMembers } from './few-members';
import { poolInPlace } from './pool-in-place';

/**
 * A test has no worker: its pools compute in place, the snow with few members and each question once. A test that wants
 * another puts a spy on one of these.
 */
export const standInPools = {
  choicePool: () => poolInPlace(choose),
  ironRowPool: () =>
    poolInPlace(({ question, setC, passS }: IronRow) => mapRow(question, setC, passS)),
  outlookPool: () => poolInPlace(fewMembers),
  planPool: () =>
    poolInPlace(({ problem, seed }: PlanQuestion) => ({
      plan: planBench(problem, { seed, searchS: 0.02 }),
      remedies: [],
    })),
  grainPool: () =>
    poolInPlace(({ picture, rulingMm }: GrainQuestion) => measureGrains(picture, rulingMm)),
  trackPool: () => poolInPlace((): unknown => ({ ok: false, message: 'No track in this test.' })),
};
