import { randomUUID } from 'node:crypto';
import { deflateRawSync, inflateRawSync } from 'node:zlib';
import { Kysely, PostgresDialect, sql, type Transaction } from 'kysely';
import { Pool } from 'pg';
import * as Y from 'yjs';
import { BY_HUB, isUpdate, keepPart, newSessions, OF_ALL, openDocument } from '../core/shared-book';
import { wallMs } from '../core/time';
import { hashOf, newSecret } from '../formats/secrets';
import {
  MOST_UNPACKED,
  type Cursor,
  type Hello,
  type HubPart,
  type Pulled,
  type Welcome,
} from '../formats/hub/messages';
import type { Hub, HubTables } from './schema';
import { takeOver } from './takeover';

/** Parts of a pull at the most, and about so many bytes of them. */
const MOST_PULLED = 500;
const MOST_PULLED_BYTES = 4_000_000;
const CONNECT_MS = 10_000;
/** One push at a time: parts become visible in the order of their numbers, so that no cursor passes one by. */
const PUSH_LOCK = 7_301_402;
const DAY_MS = 86_400_000;
/** Who has not come for so long does not come again. */
const DAYS_AWAY = 30;
/** Parts are kept so long; who has been away for longer reads the documents anew. */
const DAYS_KEPT = 60;
const NOTHING: Cursor = { seq: '0', stamp: '' };

/** What a hub does not take. */
export class PushRefusal extends Error {
  constructor(readonly code: 'not_yours' | 'unreadable' | 'full') {
    super(code);
    this.name = 'PushRefusal';
  }
}

export function openHub(url: string): Hub {
  const pool = new Pool({ connectionString: url, max: 8, connectionTimeoutMillis: CONNECT_MS });
  // A connection that ended while nobody used it: the next question opens another one.
  pool.on('error', (error) => console.error(`PostgreSQL ended a connection: ${error.message}`));
  return new Kysely<HubTables>({ dialect: new PostgresDialect({ pool }) });
}

/** Makes the tables where they are not there yet, and takes over what an older hub kept. */
export async function prepareHub(hub: Hub): Promise<void> {
  await hub.transaction().execute(async (transaction) => {
    await sql`select pg_advisory_xact_lock(${PUSH_LOCK})`.execute(transaction);
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

/** Lets a cabin in, or gives it a new token; the token is told this once. */
export async function letCabinIn(hub: Hub, name: string): Promise<string> {
  const token = newSecret();
  const token_hash = hashOf(token);
  await hub
    .insertInto('cabin')
    .values({ name, token_hash, bytes: '0', session: null, seen_at: null })
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

const unpackedState = (bytes: Buffer) =>
  new Uint8Array(inflateRawSync(bytes, { maxOutputLength: 4 * MOST_UNPACKED }));

function unpackedUpdate(update: string): Uint8Array {
  try {
    const bytes = inflateRawSync(Buffer.from(update, 'base64'), {
      maxOutputLength: MOST_UNPACKED,
    });
    if (isUpdate(bytes)) return new Uint8Array(bytes);
  } catch {
    // It is not packed, or too large.
  }
  throw new PushRefusal('unreadable');
}

/** A session belongs to the cabin that came with it first; nobody else writes by it. False where it is another one's. */
async function claim(hub: Hub, id: number, cabin: string): Promise<boolean> {
  await hub
    .insertInto('session')
    .values({ id: String(id), cabin })
    .onConflict((conflict) =>
      conflict.column('id').doUpdateSet({ cabin }).where('session.cabin', '=', ''),
    )
    .execute();
  const { cabin: owner } = await hub
    .selectFrom('session')
    .select('cabin')
    .where('id', '=', String(id))
    .executeTakeFirstOrThrow();
  return owner === cabin;
}

/** A cabin comes: whether its cursors are known, and whether another computer comes by the same token. */
export function hello(hub: Hub, cabin: string, { session, cursors }: Hello): Promise<Welcome> {
  return hub.transaction().execute(async (transaction) => {
    const { session: last } = await transaction
      .selectFrom('cabin')
      .select('session')
      .where('name', '=', cabin)
      .forUpdate()
      .executeTakeFirstOrThrow();
    const isNew =
      (await transaction
        .selectFrom('session')
        .select('id')
        .where('id', '=', String(session))
        .where('cabin', '=', cabin)
        .executeTakeFirst()) === undefined;
    if (!(await claim(transaction, session, cabin))) throw new PushRefusal('not_yours');
    // An app that was started anew has a new session, and its old one never comes again.
    const isTwin = !isNew && last !== String(session);
    await transaction
      .updateTable('cabin')
      .set({ session: String(session), seen_at: new Date(wallMs()) })
      .where('name', '=', cabin)
      .execute();
    const known: boolean[] = [];
    for (const one of cursors) known.push(one !== null && (await isKnown(transaction, one)));
    return { known, now: new Date(wallMs()).toISOString(), isTwin };
  });
}

/** Whether a part is still known under its number and stamp. */
async function isKnown(hub: Hub, { seq, stamp }: Cursor): Promise<boolean> {
  if (seq === NOTHING.seq) return true;
  const found = await hub
    .selectFrom('part')
    .select('seq')
    .where('seq', '=', seq)
    .where('stamp', '=', stamp)
    .executeTakeFirst();
  return found !== undefined;
}

/** Who pushes, and how much it may have handed in. */
export interface Pusher {
  cabin: string;
  session: number;
  /** What it pushes was written by others and lost here. */
  isRelay: boolean;
  mostBytes: number;
}

/** Takes in what a cabin wrote; sent again it changes nothing. Throws {@link PushRefusal}. */
export function push(hub: Hub, pusher: Pusher, parts: readonly HubPart[]): Promise<Cursor> {
  return hub.transaction().execute(async (transaction) => {
    await sql`select pg_advisory_xact_lock(${PUSH_LOCK})`.execute(transaction);
    await spend(
      transaction,
      pusher,
      parts.reduce((sum, { update }) => sum + update.length, 0),
    );
    let cursor = NOTHING;
    for (const part of parts) cursor = await keep(transaction, pusher, part);
    const old = new Date(wallMs() - DAYS_KEPT * DAY_MS);
    await transaction
      .deleteFrom('part')
      .where('at', '<', old)
      .where('seq', '<', cursor.seq)
      .execute();
    return cursor;
  });
}

async function spend(
  hub: Hub,
  { cabin, mostBytes }: Pick<Pusher, 'cabin' | 'mostBytes'>,
  bytes: number,
): Promise<void> {
  const { bytes: spent } = await hub
    .updateTable('cabin')
    .set(({ eb }) => ({ bytes: eb('bytes', '+', String(bytes)) }))
    .where('name', '=', cabin)
    .returning('bytes')
    .executeTakeFirstOrThrow();
  if (Number(spent) > mostBytes) throw new PushRefusal('full');
}

async function keep(hub: Hub, pusher: Pusher, part: HubPart): Promise<Cursor> {
  const { document: name } = part;
  const update = unpackedUpdate(part.update);
  const row = await hub
    .selectFrom('document')
    .select(['state', 'owners'])
    .where('name', '=', name)
    .executeTakeFirst();
  const document = openDocument(row && unpackedState(row.state));
  for (const session of newSessions(document, update)) await mayWrite(hub, pusher, session);
  const owners = new Map(JSON.parse(row?.owners ?? '[]') as [string, string][]);
  const kept = keepPart(document, { name, cabin: pusher.cabin, update, owners });
  const values = {
    state: deflateRawSync(Y.encodeStateAsUpdate(document)),
    owners: JSON.stringify([...kept.owners]),
  };
  await hub
    .insertInto('document')
    .values({ name, ...values })
    .onConflict((conflict) => conflict.column('name').doUpdateSet(values))
    .execute();
  const { cabin, session } = pusher;
  const cursor = await note(hub, { name, cabin, session }, Buffer.from(part.update, 'base64'));
  if (!kept.setBack) return cursor;
  return note(hub, { name, cabin: BY_HUB, session: 0 }, deflateRawSync(kept.setBack));
}

async function mayWrite(hub: Hub, { cabin, isRelay }: Pusher, session: number): Promise<void> {
  const may = isRelay ? await mayRelay(hub, session) : await claim(hub, session, cabin);
  if (!may) throw new PushRefusal('not_yours');
}

/**
 * What was lost here with an older state may come from anybody who has it, but not what the running app of a cabin wrote:
 * that cabin hands it in itself, and nobody else may take its numbers.
 */
async function mayRelay(hub: Hub, session: number): Promise<boolean> {
  const away = new Date(wallMs() - DAYS_AWAY * DAY_MS);
  const running = await hub
    .selectFrom('cabin')
    .select('name')
    .where('session', '=', String(session))
    .where('seen_at', '>', away)
    .executeTakeFirst();
  return running === undefined;
}

async function note(
  hub: Hub,
  { name, cabin, session }: { name: string; cabin: string; session: number },
  update: Buffer,
): Promise<Cursor> {
  return hub
    .insertInto('part')
    .values({
      stamp: randomUUID(),
      document: name,
      cabin,
      session: String(session),
      at: new Date(wallMs()),
      update,
    })
    .returning(['seq', 'stamp'])
    .executeTakeFirstOrThrow();
}

/** What was written since a cursor, without what this session wrote; all documents, one by one, where there is none. */
export async function pull(hub: Hub, session: number, after: Cursor | null): Promise<Pulled> {
  if (after === null || after.document !== undefined) return pullDocuments(hub, after);
  const rows = await hub
    .selectFrom('part')
    .select(['seq', 'stamp', 'document', 'cabin', 'session'])
    .select(({ fn }) => fn<number>('octet_length', ['update']).as('size'))
    .where('seq', '>', after.seq)
    .orderBy('seq')
    .limit(MOST_PULLED)
    .execute();
  const page = within(rows);
  const wanted = page.filter((row) => row.session !== String(session)).map(({ seq }) => seq);
  const found =
    wanted.length === 0
      ? []
      : await hub
          .selectFrom('part')
          .select(['document', 'cabin', 'update'])
          .where('seq', 'in', wanted)
          .orderBy('seq')
          .execute();
  const last = page.at(-1);
  return {
    parts: found.map((row) => ({ ...row, update: row.update.toString('base64') })),
    cursor: last ? { seq: last.seq, stamp: last.stamp } : after,
    isMore: page.length < rows.length || rows.length === MOST_PULLED,
  };
}

/** The first of these that fit into one answer; one at least. */
function within<T extends { size: number }>(rows: readonly T[]): readonly T[] {
  let bytes = 0;
  const end = rows.findIndex(({ size }, i) => (bytes += size) > MOST_PULLED_BYTES && i > 0);
  return end < 0 ? rows : rows.slice(0, end);
}

async function pullDocuments(hub: Hub, after: Cursor | null): Promise<Pulled> {
  const { seq, stamp } = after ?? (await lastPart(hub));
  const rows = await hub
    .selectFrom('document')
    .select('name')
    .select(({ fn }) => fn<number>('octet_length', ['state']).as('size'))
    .where('name', '>', after?.document ?? '')
    .orderBy('name')
    .limit(MOST_PULLED)
    .execute();
  const page = within(rows);
  const names = page.map(({ name }) => name);
  const found =
    names.length === 0
      ? []
      : await hub
          .selectFrom('document')
          .select(['name', 'state'])
          .where('name', 'in', names)
          .orderBy('name')
          .execute();
  const isMore = page.length < rows.length || rows.length === MOST_PULLED;
  const document = names.at(-1);
  return {
    parts: found.map(({ name, state }) => ({
      document: name,
      cabin: OF_ALL,
      update: state.toString('base64'),
    })),
    cursor: isMore && document !== undefined ? { seq, stamp, document } : { seq, stamp },
    isMore,
  };
}

const lastPart = async (hub: Hub): Promise<Cursor> =>
  (await hub
    .selectFrom('part')
    .select(['seq', 'stamp'])
    .orderBy('seq', 'desc')
    .limit(1)
    .executeTakeFirst()) ?? NOTHING;

/** Up to where the hub has each document, base64, by name. */
export async function vectors(hub: Hub): Promise<Record<string, string>> {
  const names = await hub.selectFrom('document').select('name').execute();
  const found: [string, string][] = [];
  for (const { name } of names) {
    const { state } = await hub
      .selectFrom('document')
      .select('state')
      .where('name', '=', name)
      .executeTakeFirstOrThrow();
    const vector = Y.encodeStateVectorFromUpdate(unpackedState(state));
    found.push([name, Buffer.from(vector).toString('base64')]);
  }
  return Object.fromEntries(found);
}

/** Keeps the picture of a photo; the first one stands. */
export async function putPicture(
  hub: Hub,
  { cabin, mostBytes }: Pick<Pusher, 'cabin' | 'mostBytes'>,
  { kind, ref, jpeg }: { kind: string; ref: string; jpeg: string },
): Promise<void> {
  await hub.transaction().execute(async (transaction) => {
    const known = await picture(transaction, { kind, ref });
    if (known !== null) return;
    const bytes = Buffer.from(jpeg, 'base64');
    await spend(transaction, { cabin, mostBytes }, bytes.length);
    await transaction
      .insertInto('picture')
      .values({ kind, ref, cabin, jpeg: bytes })
      .onConflict((conflict) => conflict.doNothing())
      .execute();
  });
}

/** The picture of a photo, base64; null where it has not come. */
export async function picture(
  hub: Hub,
  { kind, ref }: { kind: string; ref: string },
): Promise<string | null> {
  const row = await hub
    .selectFrom('picture')
    .select('jpeg')
    .where('kind', '=', kind)
    .where('ref', '=', ref)
    .executeTakeFirst();
  return row ? row.jpeg.toString('base64') : null;
}
