import { sql, type Kysely } from 'kysely';

/** A place may be named before anybody knows where it lies; computed outlooks are kept by their input. */
export async function up(db: Kysely<unknown>): Promise<void> {
  for (const column of ['latitude', 'longitude', 'altitude_m']) {
    const [old, fresh] = [sql.ref(column), sql.ref(`${column}_or_none`)];
    await sql`alter table venue add column ${fresh} real`.execute(db);
    await sql`update venue set ${fresh} = ${old}`.execute(db);
    await sql`alter table venue drop column ${old}`.execute(db);
    await sql`alter table venue rename column ${fresh} to ${old}`.execute(db);
  }
  await db.schema
    .createTable('outlook')
    .addColumn('key', 'text', (c) => c.primaryKey())
    .addColumn('at', 'text', (c) => c.notNull())
    .addColumn('answer', 'blob', (c) => c.notNull())
    .execute();
  await db.schema.createIndex('outlook_by_time').on('outlook').column('at').execute();
}
