import { OUTCOME_FIELDS, type Outcome } from '../core/model';
import type { FrostDatabase } from './database';
import { entityOf, rowOf } from './rows';

/** Says how a choice turned out. */
export async function addOutcome(db: FrostDatabase, outcome: Outcome): Promise<void> {
  await db.insertInto('outcome').values(rowOf(OUTCOME_FIELDS, outcome)).execute();
}

/** Takes outcomes of a choice back at a time. */
export async function takeOutcomesBack(
  db: FrostDatabase,
  choiceId: string,
  at: string,
): Promise<boolean> {
  const done = await db
    .updateTable('outcome')
    .set({ removed_at: at })
    .where('choice_id', '=', choiceId)
    .where('removed_at', 'is', null)
    .executeTakeFirst();
  return done.numUpdatedRows > 0n;
}

/** Outcomes that stand, in the order in which they were said. */
export async function listOutcomes(db: FrostDatabase): Promise<Outcome[]> {
  const rows = await db
    .selectFrom('outcome')
    .selectAll()
    .where('removed_at', 'is', null)
    .orderBy('created_at')
    .orderBy('id')
    .execute();
  return rows.map((row) => entityOf<Outcome>(OUTCOME_FIELDS, row));
}

/** Outcomes of these ids, with the wax that was chosen. */
export async function outcomesOf(
  db: FrostDatabase,
  ids: readonly string[],
): Promise<{ outcome: Outcome; wax: string }[]> {
  const rows = await db
    .selectFrom('outcome')
    .innerJoin('choice', 'choice.id', 'outcome.choice_id')
    .selectAll('outcome')
    .select('choice.product_name')
    .where('outcome.id', 'in', ids)
    .execute();
  return rows.map((row) => ({
    outcome: entityOf<Outcome>(OUTCOME_FIELDS, row),
    wax: row.product_name,
  }));
}
