import { sql, type Kysely } from 'kysely';

/** When a venue is usually groomed, and what was done to the tracks of an outing. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await db.schema.alterTable('venue').addColumn('groomed_at', 'text').execute();
  await db.schema
    .createTable('track_event')
    .addColumn('id', 'text', (c) => c.primaryKey())
    .addColumn('outing_id', 'text', (c) => c.notNull().references('outing.id'))
    .addColumn('at', 'text', (c) => c.notNull())
    .addColumn('kind', 'text', (c) => c.notNull())
    .addColumn('passes', 'real')
    .modifyEnd(sql`strict`)
    .execute();
  await sql.raw('create index track_event_by_time on track_event (outing_id, at)').execute(db);
}
