import Database from 'better-sqlite3';
import { Kysely, sql, type Migration } from 'kysely';
import { FrostDialect } from './dialect';

/** What a database consists of: its tables with their columns, indexes and triggers by name. */
interface Shape {
  objects: Map<string, { type: string; table: string }>;
  columns: Map<string, Set<string>>;
}

async function shapeOf(db: Kysely<unknown>): Promise<Shape> {
  const { rows } = await sql<{ type: string; name: string; tbl_name: string }>`
    select type, name, tbl_name from sqlite_master
    where name not like 'sqlite_%' and name not like 'kysely_%'`.execute(db);
  const shape: Shape = { objects: new Map(), columns: new Map() };
  for (const row of rows) {
    shape.objects.set(row.name, { type: row.type, table: row.tbl_name });
    if (row.type !== 'table') continue;
    const info = await sql<{ name: string }>`
      select name from pragma_table_info(${row.name})`.execute(db);
    shape.columns.set(row.name, new Set(info.rows.map((column) => column.name)));
  }
  return shape;
}

/** What a database is like after these migrations, made in memory. */
async function shapeAfter(migrations: readonly Migration[]): Promise<Shape> {
  const writer = new Database(':memory:');
  const dialect = new FrostDialect({ writer, close: () => void writer.close() });
  const db = new Kysely<unknown>({ dialect });
  try {
    for (const migration of migrations) await migration.up(db);
    return await shapeOf(db);
  } finally {
    await db.destroy();
  }
}

const isEmpty = async (db: Kysely<unknown>, table: string) =>
  (await sql`select 1 from ${sql.table(table)} limit 1`.execute(db)).rows.length === 0;

const DROP = { index: 'drop index', trigger: 'drop trigger', table: 'drop table' } as const;

/**
 * Takes back what an interrupted migration of an older version left: migrations once ran without a
 * transaction, so a kill could leave some of their tables and columns without the row that says they
 * ran. `done` are the migrations with a row, `next` the first one without. Only what `next` makes and
 * `done` do not make is dropped, and a table only while it is empty. Gives how much was dropped; call it
 * inside the transaction of the migration.
 */
export async function dropLeftovers(
  db: Kysely<unknown>,
  done: readonly Migration[],
  next: Migration,
): Promise<number> {
  const [now, before] = [await shapeOf(db), await shapeAfter(done)];
  const isExtra = [...now.objects.keys()].some((name) => !before.objects.has(name));
  const columnsOver = [...before.columns].flatMap(([table, columns]) =>
    [...(now.columns.get(table) ?? [])]
      .filter((column) => !columns.has(column))
      .map((column) => ({ table, column })),
  );
  if (!isExtra && columnsOver.length === 0) return 0;
  const after = await shapeAfter([...done, next]);
  const extra = [...now.objects].filter(
    ([name]) => !before.objects.has(name) && after.objects.has(name),
  );
  let dropped = 0;
  for (const type of ['trigger', 'index', 'table'] as const) {
    for (const [name, object] of extra.filter(([, one]) => one.type === type)) {
      if (type === 'table' && !(await isEmpty(db, name))) continue;
      if (type !== 'table' && !now.objects.has(object.table)) continue;
      await sql.raw(`${DROP[type]} if exists "${name}"`).execute(db);
      dropped += 1;
    }
  }
  for (const { table, column } of columnsOver) {
    if (!after.columns.get(table)?.has(column)) continue;
    await sql.raw(`alter table "${table}" drop column "${column}"`).execute(db);
    dropped += 1;
  }
  return dropped;
}
