import { Kysely, PostgresDialect, sql, type Transaction } from 'kysely';
import { Pool } from 'pg';
import type { Hub, HubTables } from './schema';
import { takeOver } from './takeover';

const CONNECT_MS = 10_000;

/**
 * Makes one transaction wait for another: parts become visible in the order of their numbers, so no cursor passes one by.
 */
const PUSH_LOCK = 7_301_402;
export const waitForOthers = async (transaction: Transaction<HubTables>): Promise<void> => {
  await sql`select pg_advisory_xact_lock(${PUSH_LOCK})`.execute(transaction);
};

export function openHub(url: string): Hub {
  const pool = new Pool({ connectionString: url, max: 8, connectionTimeoutMillis: CONNECT_MS });
  // A connection that ended while nobody used it: the next question opens another one.
  pool.on('error', (error) => console.error(`PostgreSQL ended a connection: ${error.message}`));
  return new Kysely<HubTables>({ dialect: new PostgresDialect({ pool }) });
}

/** Makes the tables where they are not there yet, and takes over what an older hub kept. */
export async function prepareHub(hub: Hub): Promise<void> {
  await hub.transaction().execute(async (transaction) => {
    await waitForOthers(transaction);
    await makeTables(transaction);
    await takeOver(transaction);
  });
}

async function makeTables(hub: Transaction<HubTables>): Promise<void> {
  const table = (name: string) => hub.schema.createTable(name).ifNotExists();
  await table('cabin')
    .addColumn('name', 'text', (c) => c.primaryKey())
    .addColumn('token_hash', 'text', (c) => c.notNull().unique())
    .execute();
  await sql`alter table cabin add column if not exists session bigint`.execute(hub);
  await sql`alter table cabin add column if not exists bytes bigint not null default 0`.execute(
    hub,
  );
  await sql`alter table cabin add column if not exists seen_at timestamptz`.execute(hub);
  await table('session')
    .addColumn('id', 'bigint', (c) => c.primaryKey())
    .addColumn('cabin', 'text', (c) => c.notNull())
    .execute();
  await table('part')
    .addColumn('seq', 'bigserial', (c) => c.primaryKey())
    .addColumn('stamp', 'text', (c) => c.notNull().unique())
    .addColumn('document', 'text', (c) => c.notNull())
    .addColumn('cabin', 'text', (c) => c.notNull())
    .addColumn('session', 'bigint', (c) => c.notNull())
    .addColumn('at', 'timestamptz', (c) => c.notNull())
    .addColumn('update', 'bytea', (c) => c.notNull())
    .execute();
  await table('document')
    .addColumn('name', 'text', (c) => c.primaryKey())
    .addColumn('state', 'bytea', (c) => c.notNull())
    .addColumn('owners', 'text', (c) => c.notNull())
    .execute();
  await table('picture')
    .addColumn('kind', 'text', (c) => c.notNull())
    .addColumn('ref', 'text', (c) => c.notNull())
    .addColumn('cabin', 'text', (c) => c.notNull())
    .addColumn('jpeg', 'bytea', (c) => c.notNull())
    .addPrimaryKeyConstraint('picture_key', ['kind', 'ref'])
    .execute();
}
