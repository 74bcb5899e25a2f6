import { sql, type Kysely } from 'kysely';

/** Whether a move gives back what an undone step had used: until now only its note said so. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await db.schema.alterTable('stock_move').addColumn('is_undo', 'integer').execute();
  // Moves never change; what they say does not change either.
  await sql`drop trigger stock_move_no_update`.execute(db);
  await sql`update stock_move set is_undo = kind = 'corrected' and (
    note like '%, undone' or note like '%, angret' or note like '%, zurückgenommen')`.execute(db);
  await sql`update stock_move set is_undo = 0 where is_undo is null`.execute(db);
  await sql`create trigger stock_move_no_update before update on stock_move
    begin select raise(abort, 'stock_move is append-only: add a correction'); end`.execute(db);
}
