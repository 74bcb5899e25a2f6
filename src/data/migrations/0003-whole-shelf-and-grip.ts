import { sql, type Kysely } from 'kysely';

const PRODUCT_COLUMNS = [
  'label2_low_c',
  'label2_high_c',
  'iron_c',
  'iron_limit_c',
  'melting_c',
  'hardness_sd',
  'container_g',
  'price',
];

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

/** Products of every role with their stock, the hours of an outing, a choice's details, the team's own, grip. */
export async function up(db: Kysely<unknown>): Promise<void> {
  const product = () => db.schema.alterTable('product');
  await product()
    .addColumn('role', 'text', (c) => c.notNull().defaultTo('glide'))
    .execute();
  await product()
    .addColumn('applications', 'text', (c) => c.notNull().defaultTo('["iron"]'))
    .execute();
  for (const column of PRODUCT_COLUMNS) await product().addColumn(column, 'real').execute();
  for (const column of ['preference', 'opened_on']) {
    await product().addColumn(column, 'text').execute();
  }
  await db.schema
    .createTable('stock_move')
    .addColumn('id', 'text', (c) => c.primaryKey())
    .addColumn('product_id', 'text', (c) => c.notNull())
    .addColumn('kind', 'text', (c) => c.notNull())
    .addColumn('grams', 'real', (c) => c.notNull())
    .addColumn('note', 'text')
    .addColumn('at', 'text', (c) => c.notNull())
    .modifyEnd(sql`strict`)
    .execute();
  await db.schema
    .createIndex('stock_move_by_product')
    .on('stock_move')
    .columns(['product_id', 'at'])
    .execute();
  await forbidChange(db, 'stock_move');
  await db.schema.alterTable('outing').addColumn('hours_on_snow', 'real').execute();
  await db.schema.alterTable('choice').addColumn('details', 'text').execute();
  await db.schema
    .createTable('team_setting')
    .addColumn('key', 'text', (c) => c.primaryKey())
    .addColumn('value', 'text', (c) => c.notNull())
    .modifyEnd(sql`strict`)
    .execute();
  await db.schema
    .createTable('grip_note')
    .addColumn('id', 'text', (c) => c.primaryKey())
    .addColumn('outing_id', 'text', (c) => c.notNull().references('outing.id'))
    .addColumn('kind', 'text', (c) => c.notNull())
    .addColumn('content', 'text', (c) => c.notNull())
    .addColumn('at', 'text', (c) => c.notNull())
    .modifyEnd(sql`strict`)
    .execute();
  await db.schema
    .createIndex('grip_note_by_outing')
    .on('grip_note')
    .columns(['outing_id', 'at'])
    .execute();
}
