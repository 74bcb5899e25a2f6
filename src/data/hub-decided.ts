import type { Difference } from '../core/book';
import type { FrostDatabase } from './database';

/** Something that two cabins changed at once, and which of both stands in every book now. */
export interface HubDecision {
  difference: Difference;
  /** The other cabin. */
  cabin: string;
  /** When this cabin heard of it, ISO 8601 in UTC. */
  at: string;
}

/** Notes what was settled between this cabin and another one; of one record the last time only. */
export async function noteDecided(
  db: FrostDatabase,
  { cabin, at }: Omit<HubDecision, 'difference'>,
  differences: readonly Difference[],
): Promise<void> {
  for (const difference of differences) {
    const values = { cabin, at, difference: JSON.stringify(difference) };
    await db
      .insertInto('hub_decided')
      .values({ id: difference.id, ...values })
      .onConflict((conflict) => conflict.column('id').doUpdateSet(values))
      .execute();
  }
}

/** What nobody has looked at yet, the newest first. */
export async function hubDecisions(db: FrostDatabase): Promise<HubDecision[]> {
  const rows = await db
    .selectFrom('hub_decided')
    .selectAll()
    .orderBy('at', 'desc')
    .orderBy('id')
    .execute();
  return rows.map(({ difference, cabin, at }) => ({
    difference: JSON.parse(difference) as Difference,
    cabin,
    at,
  }));
}

/** A person has looked at it. */
export async function forgetDecided(db: FrostDatabase, id: string): Promise<void> {
  await db.deleteFrom('hub_decided').where('id', '=', id).execute();
}
