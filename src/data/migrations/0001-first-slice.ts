import { sql, type Kysely } from 'kysely';

const APPEND_ONLY = ['reading', 'choice'];

async function forbidChange(db: Kysely<unknown>, table: string): Promise<void> {
  for (const event of ['update', 'delete']) {
    await sql
      .raw(
        `create trigger ${table}_no_${event} before ${event} on ${table}
         begin select raise(abort, '${table} is append-only: add a correction'); end`,
      )
      .execute(db);
  }
}

/** Venue, outing, reading, product and choice; readings and choices are append-only. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await db.schema
    .createTable('venue')
    .addColumn('id', 'text', (c) => c.primaryKey())
    .addColumn('name', 'text', (c) => c.notNull())
    .addColumn('altitude_m', 'real', (c) => c.notNull())
    .addColumn('latitude', 'real', (c) => c.notNull())
    .addColumn('longitude', 'real', (c) => c.notNull())
    .addColumn('time_zone', 'text', (c) => c.notNull())
    .addColumn('own_correction_c', 'real', (c) => c.notNull().defaultTo(0))
    .modifyEnd(sql`strict`)
    .execute();
  await db.schema
    .createTable('outing')
    .addColumn('id', 'text', (c) => c.primaryKey())
    .addColumn('venue_id', 'text', (c) => c.notNull().references('venue.id'))
    .addColumn('name', 'text', (c) => c.notNull())
    .addColumn('discipline', 'text', (c) => c.notNull())
    .addColumn('purpose', 'text', (c) => c.notNull())
    .addColumn('distance_km', 'real', (c) => c.notNull())
    .addColumn('start_at', 'text', (c) => c.notNull())
    .addColumn('fluorocarbons_allowed', 'integer', (c) => c.notNull())
    .addColumn('created_at', 'text', (c) => c.notNull())
    .modifyEnd(sql`strict`)
    .execute();
  await db.schema
    .createTable('product')
    .addColumn('id', 'text', (c) => c.primaryKey())
    .addColumn('name', 'text', (c) => c.notNull())
    .addColumn('form', 'text', (c) => c.notNull())
    .addColumn('label_low_c', 'real', (c) => c.notNull())
    .addColumn('label_high_c', 'real', (c) => c.notNull())
    .addColumn('additives', 'text', (c) => c.notNull())
    .addColumn('swatch', 'text')
    .addCheckConstraint('label_in_order', sql`label_low_c < label_high_c`)
    .modifyEnd(sql`strict`)
    .execute();
  await db.schema
    .createTable('reading')
    .addColumn('id', 'text', (c) => c.primaryKey())
    .addColumn('outing_id', 'text', (c) => c.notNull().references('outing.id'))
    .addColumn('taken_at', 'text', (c) => c.notNull())
    .addColumn('source', 'text', (c) => c.notNull())
    .addColumn('snow_temperature_c', 'real', (c) => c.notNull().check(sql`snow_temperature_c <= 0`))
    .addColumn('snow_temperature_sd_c', 'real', (c) => c.notNull())
    .addColumn('air_temperature_c', 'real')
    .addColumn('humidity_fraction', 'real', (c) => c.notNull())
    .addColumn('origin', 'text', (c) => c.notNull())
    .addColumn('grain', 'text')
    .addColumn('sharpness', 'real')
    .addColumn('wetness', 'text', (c) => c.notNull())
    .addColumn('dirt', 'text', (c) => c.notNull())
    .addColumn('glazed', 'integer', (c) => c.notNull())
    .addColumn('spot', 'text')
    .addColumn('note', 'text')
    .addColumn('import_id', 'text')
    .addColumn('corrects_id', 'text', (c) => c.references('reading.id'))
    .addColumn('withdrawn', 'integer', (c) => c.notNull().defaultTo(0))
    .addColumn('created_at', 'text', (c) => c.notNull())
    .modifyEnd(sql`strict`)
    .execute();
  await db.schema
    .createTable('choice')
    .addColumn('id', 'text', (c) => c.primaryKey())
    .addColumn('outing_id', 'text', (c) => c.notNull().references('outing.id'))
    .addColumn('reading_id', 'text', (c) => c.references('reading.id'))
    .addColumn('product_id', 'text', (c) => c.notNull())
    .addColumn('product_name', 'text', (c) => c.notNull())
    .addColumn('equivalent_temperature_c', 'real', (c) => c.notNull())
    .addColumn('hardness', 'real', (c) => c.notNull())
    .addColumn('inputs', 'text', (c) => c.notNull())
    .addColumn('ledger', 'text', (c) => c.notNull())
    .addColumn('ranking', 'text', (c) => c.notNull())
    .addColumn('model_version', 'text', (c) => c.notNull())
    .addColumn('note', 'text')
    .addColumn('corrects_id', 'text', (c) => c.references('choice.id'))
    .addColumn('withdrawn', 'integer', (c) => c.notNull().defaultTo(0))
    .addColumn('created_at', 'text', (c) => c.notNull())
    .modifyEnd(sql`strict`)
    .execute();
  for (const table of APPEND_ONLY) {
    await db.schema
      .createIndex(`${table}_by_outing`)
      .on(table)
      .columns(['outing_id', 'created_at'])
      .execute();
    await db.schema.createIndex(`${table}_by_corrected`).on(table).column('corrects_id').execute();
    await forbidChange(db, table);
  }
}
