import { sql, type Kysely } from 'kysely';

/** Whether a move gives back what an undone step had used: until now only its note said so. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await db.schema.alterTable('stock_move').addColumn('is_undo', 'integer').execute();
  await sql`update stock_move set is_undo = kind = 'corrected' and (
    note like '%, undone' or note like '%, angret' or note like '%, zurückgenommen')`.execute(db);
  await sql`update stock_move set is_undo = 0 where is_undo is null`.execute(db);
}
