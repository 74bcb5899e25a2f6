import { createHash } from 'node:crypto';
import { BOOK_NAMES, bookKind, differences, type BookRecord } from '@/core/book';
import type { FrostDatabase } from '@/data/database';
import { forgetSent, hubLink, noteHub, noteSent, sentSums, type HubLink } from '@/data/hub-link';
import { refOf } from '@/data/book/here';
import { noteDecided } from '@/data/hub-decided';
import { mergeBook } from '@/data/book/merge-book';
import { openBook } from '@/data/book/read-book';
import { openPage } from '@/formats/book/read';
import { BOOK_FORMAT, BOOK_VERSION } from '@/formats/book/write';
import {
  MOST_PUSHED,
  MOST_PUSHED_CHARACTERS,
  type Cursor,
  type HubRecord,
  type Pulled,
} from '@/formats/hub/messages';
import { bookFileTask } from '../book-task';
import { offLoop } from '../compute/pool';
import { HubRefusal, type HubClient } from './hub-client';

const GONE = 'gone';

/** What a cabin needs to exchange its book. */
export interface SyncGround {
  db: FrostDatabase;
  /** Where its database lies. */
  folder: string;
  hub: HubClient;
  nowIso: string;
  /** Nothing was written here since the last time: there is nothing to hand in. */
  isUnchanged?: boolean;
}

const cursorOf = (json: string | null): Cursor | null =>
  json === null ? null : (JSON.parse(json) as Cursor);
const sumOf = (text: string) => createHash('sha256').update(text).digest('base64url');

/** Every record of this book as the hub has it, in the order in which others can take them in. */
async function* ownRecords(folder: string): AsyncGenerator<HubRecord> {
  const book = openBook(folder);
  try {
    const pictures = new Map([...book.pictures()].map(({ id, jpeg }) => [id, jpeg]));
    for await (const { name, records } of book.records()) {
      for (const record of records) {
        const picture = bookKind(name).hasPicture ? pictures.get(String(record.id)) : undefined;
        yield {
          kind: name,
          ref: refOf(name, record),
          json: JSON.stringify(record),
          picture: picture?.toString('base64'),
        };
      }
    }
    for (const one of book.gone()) {
      yield { kind: GONE, ref: `${one.kind}|${one.ref}`, json: JSON.stringify(one) };
    }
  } finally {
    book.close();
  }
}

/** Hands in what changed here since the last time; gives how many records. */
async function pushChanges({ db, folder, hub }: SyncGround): Promise<number> {
  const sent = await sentSums(db);
  let waiting: HubRecord[] = [];
  let [characters, count] = [0, 0];
  const flush = async () => {
    if (waiting.length === 0) return;
    const cursor = await hub.push(waiting);
    const rows = waiting.map(({ kind, ref, json }) => ({ kind, ref, sum: sumOf(json) }));
    await db.transaction().execute(async (transaction) => {
      await noteSent(transaction, rows);
      await noteHub(transaction, { pushed: JSON.stringify(cursor) });
    });
    count += waiting.length;
    waiting = [];
    characters = 0;
  };
  for await (const record of ownRecords(folder)) {
    if (sent.get(`${record.kind} ${record.ref}`) === sumOf(record.json)) continue;
    const size = record.json.length + (record.picture?.length ?? 0);
    const isFull = waiting.length >= MOST_PUSHED || characters + size > MOST_PUSHED_CHARACTERS;
    if (isFull) await flush();
    waiting.push(record);
    characters += size;
  }
  await flush();
  return count;
}

type Incoming = Pulled['records'];

/** The records of one cabin as a book, checked like one that comes as a file. */
async function bookOf(records: Incoming) {
  const lists = Object.fromEntries(
    BOOK_NAMES.map((name) => [
      name,
      records.filter(({ kind }) => kind === name).map(({ json }) => JSON.parse(json) as unknown),
    ]),
  );
  const gone = records
    .filter(({ kind }) => kind === GONE)
    .map(({ json }) => JSON.parse(json) as unknown);
  const text = JSON.stringify({ format: BOOK_FORMAT, version: BOOK_VERSION, records: lists, gone });
  const read = await offLoop(bookFileTask, Buffer.from(text));
  if (!read.ok) throw new HubRefusal('failed');
  const pictures = new Map(
    records.flatMap(({ json, picture }) =>
      picture === undefined
        ? []
        : [[(JSON.parse(json) as { id: string }).id, Buffer.from(picture, 'base64')] as const],
    ),
  );
  return { ...read.value, openPage, pictures };
}

/** Columns in one order, so that every cabin compares the same texts. */
const ordered = (record: BookRecord) =>
  JSON.stringify(Object.entries(record).sort(([a], [b]) => (a < b ? -1 : 1)));

/**
 * Of two records that only a person could decide between, every cabin takes the same one and lists it for a person to
 * look at: whoever changes it next decides.
 */
export const takesTheirs = (mine: BookRecord, theirs: BookRecord): boolean =>
  differences(mine, theirs).length > 0 && ordered(theirs) > ordered(mine);

/** Takes in what the others changed; gives how many records came. */
async function pullChanges({ db, hub, nowIso }: SyncGround, link: HubLink): Promise<number> {
  let cursor = cursorOf(link.pulled);
  const records: Incoming = [];
  for (;;) {
    const page = await hub.pull(cursor);
    records.push(...page.records);
    cursor = page.cursor ?? cursor;
    if (!page.isMore) break;
  }
  const now = cursor && JSON.stringify(cursor);
  if (records.length === 0 && now === link.pulled) return 0;
  const cabins = [...new Set(records.map(({ cabin }) => cabin))].sort();
  const books: (Awaited<ReturnType<typeof bookOf>> & { cabin: string })[] = [];
  for (const cabin of cabins) {
    const book = await bookOf(records.filter((one) => one.cabin === cabin));
    books.push({ cabin, ...book });
  }
  await db.transaction().execute(async (transaction) => {
    for (const { cabin, ...book } of books) {
      const { conflicts } = await mergeBook(transaction, book, takesTheirs);
      const settled = conflicts.filter(({ isFixed }) => !isFixed);
      await noteDecided(transaction, { cabin, at: nowIso }, settled);
    }
    await noteHub(transaction, { pulled: now });
  });
  return records.length;
}

/**
 * Exchanges the book of this cabin with the others over the hub: hands in what changed here, takes in what changed there,
 * and hands in what that made of it. A hub that was put back to an older state is filled again. Gives how many records came;
 * undefined without a hub. Throws {@link HubRefusal}; what was done until then is kept and goes on from there.
 */
export async function syncOnce(ground: SyncGround): Promise<number | undefined> {
  const { db, hub, nowIso, isUnchanged = false } = ground;
  const link = await hubLink(db);
  if (!link) return undefined;
  const [pulled, pushed] = [cursorOf(link.pulled), cursorOf(link.pushed)];
  const [knowsPull, knowsPush] = await hub.check([pulled, pushed]);
  const isLost = pushed !== null && !knowsPush;
  if (isLost) await forgetSent(db);
  let pushedCount = isLost || !isUnchanged ? await pushChanges(ground) : 0;
  const came = await pullChanges(ground, knowsPull ? link : { ...link, pulled: null });
  if (came > 0) pushedCount += await pushChanges(ground);
  // Only what is new is written: what others worked out from the database would else be old every half minute.
  const isNew = came + pushedCount > 0 || link.problem !== null || link.agreedAt === null;
  if (isNew) await noteHub(db, { agreedAt: nowIso, problem: null });
  return came;
}
