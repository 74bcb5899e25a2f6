import type { InferType } from 'yup';
import type { PlanWish } from '@/core/model';
import { latestPlan } from '@/data/bench-plans';
import type { FrostDatabase } from '@/data/database';
import type { sheetRequestSchema } from '@/formats/schemas/bench';

/** What is asked of one sheet. */
export type SheetAsked = Omit<InferType<typeof sheetRequestSchema>, 'outingId'>;

interface OutingSki {
  outingId: string;
  skiId: string;
}

/** Id of a pair in a plan: the same pair may race twice. */
export const pairIdOf = (outingId: string, skiId: string) => `${outingId}:${skiId}`;

/** What a plan asks of the sheet of a pair. */
export const sheetAsked = (
  { leaveOut, mostCoats, liquidFor = [] }: PlanWish,
  { outingId, skiId }: OutingSki,
): SheetAsked => ({
  skiId,
  leaveOut,
  mostCoats,
  isLiquid: liquidFor.includes(pairIdOf(outingId, skiId)),
});

const hasLess = ({ leaveOut = [], mostCoats, isLiquid }: SheetAsked) =>
  leaveOut.length > 0 || mostCoats !== undefined || isLiquid === true;

/** What the plan in force asks less of this pair's sheet, to save time; undefined where it asks for all of it. */
export async function lessByPlan(
  db: FrostDatabase,
  pair: OutingSki,
): Promise<SheetAsked | undefined> {
  const plan = await latestPlan(db);
  const isIn = plan?.pairs.some(({ id }) => id === pairIdOf(pair.outingId, pair.skiId));
  const asked = plan && isIn ? sheetAsked(plan.wish, pair) : undefined;
  return asked && hasLess(asked) ? asked : undefined;
}
