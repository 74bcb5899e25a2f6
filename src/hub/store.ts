import { randomUUID } from 'node:crypto';
import { Kysely, PostgresDialect, sql } from 'kysely';
import { Pool } from 'pg';
import { wallMs } from '../core/time';
import { hashOf, newSecret } from '../formats/secrets';
import type { Cursor, HubRecord, Pulled } from '../formats/hub/messages';
import type { HubTables } from './schema';

export type Hub = Kysely<HubTables>;

/** A pull gives whole batches until there are so many records, or so many characters. */
const A_PULL = 500;
const A_PULL_CHARACTERS = 8_000_000;
const CONNECT_MS = 10_000;
/** One push at a time: batches become visible in the order of their numbers, so that no cursor passes one by. */
const PUSH_LOCK = 7_301_402;

export function openHub(url: string): Hub {
  const pool = new Pool({ connectionString: url, max: 8, connectionTimeoutMillis: CONNECT_MS });
  // A connection that ended while nobody used it: the next question opens another one.
  pool.on('error', (error) => console.error(`PostgreSQL ended a connection: ${error.message}`));
  return new Kysely<HubTables>({ dialect: new PostgresDialect({ pool }) });
}

/** Makes the tables where they are not there yet. */
export async function prepareHub(hub: Hub): Promise<void> {
  await hub.schema
    .createTable('cabin')
    .ifNotExists()
    .addColumn('name', 'text', (c) => c.primaryKey())
    .addColumn('token_hash', 'text', (c) => c.notNull().unique())
    .execute();
  await hub.schema
    .createTable('batch')
    .ifNotExists()
    .addColumn('seq', 'bigserial', (c) => c.primaryKey())
    .addColumn('stamp', 'text', (c) => c.notNull().unique())
    .addColumn('cabin', 'text', (c) => c.notNull())
    .addColumn('at', 'timestamptz', (c) => c.notNull())
    .execute();
  await hub.schema
    .createTable('record')
    .ifNotExists()
    .addColumn('cabin', 'text', (c) => c.notNull())
    .addColumn('kind', 'text', (c) => c.notNull())
    .addColumn('ref', 'text', (c) => c.notNull())
    .addColumn('batch', 'bigint', (c) => c.notNull())
    .addColumn('json', 'text', (c) => c.notNull())
    .addColumn('picture', 'text')
    .addPrimaryKeyConstraint('record_key', ['cabin', 'kind', 'ref'])
    .execute();
  await hub.schema
    .createIndex('record_by_batch')
    .ifNotExists()
    .on('record')
    .column('batch')
    .execute();
}

/** Lets a cabin in, or gives it a new token; the token is told this once. */
export async function letCabinIn(hub: Hub, name: string): Promise<string> {
  const token = newSecret();
  const token_hash = hashOf(token);
  await hub
    .insertInto('cabin')
    .values({ name, token_hash })
    .onConflict((conflict) => conflict.column('name').doUpdateSet({ token_hash }))
    .execute();
  return token;
}

/** The cabin of a token. */
export const cabinOf = async (hub: Hub, token: string): Promise<string | undefined> =>
  (
    await hub
      .selectFrom('cabin')
      .select('name')
      .where('token_hash', '=', hashOf(token))
      .executeTakeFirst()
  )?.name;

/** Takes in what changed in the book of a cabin; sent again it changes nothing but its number. */
export function push(hub: Hub, cabin: string, records: readonly HubRecord[]): Promise<Cursor> {
  return hub.transaction().execute(async (transaction) => {
    await sql`select pg_advisory_xact_lock(${PUSH_LOCK})`.execute(transaction);
    const batch = await transaction
      .insertInto('batch')
      .values({ stamp: randomUUID(), cabin, at: new Date(wallMs()) })
      .returning(['seq', 'stamp'])
      .executeTakeFirstOrThrow();
    // Within one statement a record may stand once; the last one of it holds.
    const last = new Map(records.map((one) => [`${one.kind} ${one.ref}`, one]));
    const rows = [...last.values()].map(({ kind, ref, json, picture }) => ({
      cabin,
      kind,
      ref,
      json,
      picture: picture ?? null,
      batch: batch.seq,
    }));
    if (rows.length > 0) {
      await transaction
        .insertInto('record')
        .values(rows)
        .onConflict((conflict) =>
          conflict.columns(['cabin', 'kind', 'ref']).doUpdateSet(({ ref }) => ({
            batch: ref('excluded.batch'),
            json: ref('excluded.json'),
            picture: ref('excluded.picture'),
          })),
        )
        .execute();
    }
    return batch;
  });
}

/** Whether a batch is still known under its number and stamp. */
export const isKnown = async (hub: Hub, { seq, stamp }: Cursor): Promise<boolean> =>
  (await hub
    .selectFrom('batch')
    .select('seq')
    .where('seq', '=', seq)
    .where('stamp', '=', stamp)
    .executeTakeFirst()) !== undefined;

/** What the other cabins have changed since a cursor: whole batches, so that the next cursor is one of them. */
export async function pull(hub: Hub, cabin: string, after: string | undefined): Promise<Pulled> {
  let batches = hub.selectFrom('batch').select(['seq', 'stamp', 'cabin']).orderBy('seq');
  if (after !== undefined) batches = batches.where('seq', '>', after);
  const next = await batches.limit(A_PULL).execute();
  const records: Pulled['records'] = [];
  let cursor: Cursor | null = null;
  let [taken, characters] = [0, 0];
  for (const batch of next) {
    if (records.length >= A_PULL || characters >= A_PULL_CHARACTERS) break;
    taken += 1;
    cursor = { seq: batch.seq, stamp: batch.stamp };
    if (batch.cabin === cabin) continue;
    const rows = await hub
      .selectFrom('record')
      .select(['kind', 'ref', 'json', 'picture'])
      .where('batch', '=', batch.seq)
      .execute();
    for (const { json, picture } of rows) characters += json.length + (picture?.length ?? 0);
    records.push(
      ...rows.map(({ picture, ...row }) => ({
        ...row,
        cabin: batch.cabin,
        picture: picture ?? undefined,
      })),
    );
  }
  return { records, cursor, isMore: taken < next.length || next.length === A_PULL };
}
