import type { BookName, BookRecord } from '@/core/book';
import { grouped } from '@/core/grouped';
import { isUpdate, MOST_CHANGED_UNCOPIED, type Part } from '@/core/shared-book';
import type { FrostDatabase } from '@/data/database';
import { hubLink, noteHub, type HubLink } from '@/data/hub-link';
import { hasTouched } from '@/data/shared-book/absorb';
import { noteSession, ownSessions, unpacked } from '@/data/shared-book/documents';
import { aheadOf, hubHas, namesAhead, noteSent, type Ahead } from '@/data/shared-book/hand-in';
import { pictureSent, unsentPictures, waitingPictures } from '@/data/shared-book/pictures';
import {
  takeIn,
  takeInFirst,
  takeInPictures,
  wouldChange,
  type Incoming,
  type TakeGround,
} from '@/data/shared-book/take-in';
import { recordCheck } from '@/formats/book/check';
import {
  MOST_PARTS,
  MOST_PUSHED_CHARACTERS,
  MOST_UNPACKED,
  type Cursor,
  type HubPart,
  type Pulled,
} from '@/formats/hub/messages';
import { HubRefusal, type HubClient } from './hub-client';

/** What a cabin needs to exchange its book. */
export interface SyncGround {
  db: FrostDatabase;
  hub: HubClient;
  /** A number that nobody else ever writes by: drawn anew whenever the database is opened. */
  session: number;
  /** Copies the book before much of it changes. */
  copy?: () => Promise<unknown>;
}

/** So long after another computer was last seen with this token it is still told of. */
const TWIN_TOLD_MS = 3_600_000;

const cursorOf = (json: string | null): Cursor | null =>
  json === null ? null : (JSON.parse(json) as Cursor);

const checks = new Map<BookName, ReturnType<typeof recordCheck>>();

/** What is wrong with a record of another cabin, if anything. */
export function problemOf(name: BookName, record: BookRecord): string | undefined {
  const check = checks.get(name) ?? recordCheck(name);
  checks.set(name, check);
  const [problem] = check(record, name);
  return problem && `${problem.field}: ${problem.message}`;
}

/** All that is new at the hub. */
async function pulledSince(
  { hub, session }: SyncGround,
  after: Cursor | null,
): Promise<{ parts: Pulled['parts']; cursor: Cursor }> {
  const parts: Pulled['parts'] = [];
  for (let cursor = after; ;) {
    const page = await hub.pull(session, cursor);
    for (const part of page.parts) parts.push(part);
    cursor = page.cursor;
    if (!page.isMore) return { parts, cursor };
  }
}

/** A part as it was written; undefined for what is none, which keeps no other one away. */
function opened({ document, cabin, update }: Pulled['parts'][number]): Part | undefined {
  try {
    const bytes = unpacked(Buffer.from(update, 'base64'), MOST_UNPACKED);
    if (isUpdate(bytes)) return { by: cabin, update: bytes };
  } catch {
    // It is not packed, or too large.
  }
  console.error(`A part of ${cabin} for ${document} cannot be read.`);
  return undefined;
}

/** What came, by document. */
const byDocument = (parts: Pulled['parts']): Incoming =>
  new Map(
    [...grouped(parts, (part) => part.document)].map(([document, own]) => [
      document,
      () => own.map(opened).filter((part) => part !== undefined),
    ]),
  );

/** Takes in what is new at the hub, and what was held back once more; gives how many records came. */
async function pull(
  sync: SyncGround,
  link: HubLink,
  ground: TakeGround & { isFresh: boolean },
): Promise<number> {
  const { db, copy } = sync;
  const { parts, cursor } = await pulledSince(sync, cursorOf(link.pulled));
  const incoming = byDocument(parts);
  const isFirst = !link.isJoined;
  const pulled = JSON.stringify(cursor);
  const isQuiet = parts.length === 0 && pulled === link.pulled && !ground.isFresh;
  if (isQuiet && !isFirst && !(await hasTouched(db))) return 0;
  if (isFirst || (await wouldChange(db, incoming, ground)) > MOST_CHANGED_UNCOPIED) await copy?.();
  return db.transaction().execute(async (transaction) => {
    const came = await (isFirst ? takeInFirst : takeIn)(transaction, incoming, ground);
    await noteHub(transaction, { pulled, isJoined: true });
    return came;
  });
}

/** Fetches the pictures of photos that came without, a few at a time. */
async function fetchPictures({ db, hub }: SyncGround, ground: TakeGround): Promise<void> {
  for (const page of await waitingPictures(db)) {
    const found = new Map<string, Buffer>();
    for (const { kind, ref } of page) {
      const jpeg = await hub.picture(kind, ref);
      if (jpeg) found.set(ref, jpeg);
    }
    if (found.size === 0) continue;
    const here = page.filter(({ ref }) => found.has(ref));
    await db
      .transaction()
      .execute((transaction) =>
        takeInPictures(transaction, here, { ...ground, pictureOf: (ref) => found.get(ref) }),
      );
  }
}

async function pushPictures({ db, hub }: SyncGround): Promise<void> {
  for (const { kind, ref } of await unsentPictures(db)) {
    const row = await db.selectFrom(kind).select('jpeg').where('id', '=', ref).executeTakeFirst();
    if (row) await hub.putPicture(kind, ref, row.jpeg);
    await pictureSent(db, { kind, ref });
  }
}

const partsOf = (document: string, update: Buffer | undefined): HubPart[] =>
  update ? [{ document, update: update.toString('base64') }] : [];

async function isRelayed(
  send: (parts: readonly HubPart[], isRelay: boolean) => Promise<void>,
  { name, relayed }: Ahead,
): Promise<boolean> {
  try {
    await send(partsOf(name, relayed), true);
    return true;
  } catch (error) {
    if (error instanceof HubRefusal && error.problem === 'not_yours') return false;
    throw error;
  }
}

/** Hands in documents of which the hub lacks something; gives how many. */
async function push(sync: SyncGround): Promise<number> {
  const { db, hub, session } = sync;
  const own = await ownSessions(db);
  const send = async (parts: readonly HubPart[], isRelay: boolean) => {
    if (parts.length === 0) return;
    const cursor = await hub.push(session, parts, isRelay);
    await noteHub(db, { pushed: JSON.stringify(cursor) });
  };
  let page: Ahead[] = [];
  let [characters, count] = [0, 0];
  const flush = async () => {
    const left = new Set<Ahead>();
    for (const one of page) {
      // What a cabin that is at work wrote, it hands in itself; until then this document stays ahead.
      if (!(await isRelayed(send, one))) left.add(one);
    }
    await send(
      page.flatMap(({ name, own: mine }) => partsOf(name, mine)),
      false,
    );
    for (const one of page) if (!left.has(one)) await noteSent(db, one);
    count += page.length - left.size;
    [page, characters] = [[], 0];
  };
  for (const name of await namesAhead(db)) {
    const ahead = await aheadOf(db, name, own);
    const size = (ahead.own?.length ?? 0) + (ahead.relayed?.length ?? 0);
    if (page.length >= MOST_PARTS || characters + 2 * size > MOST_PUSHED_CHARACTERS) await flush();
    page.push(ahead);
    characters += 2 * size;
  }
  await flush();
  return count;
}

/** The hub was put back to an older state, or forgot what is long ago: what it has is what it says. */
async function refill({ db, hub }: SyncGround): Promise<void> {
  const vectors = Object.entries(await hub.vectors()).map(
    ([name, vector]) => [name, Buffer.from(vector, 'base64')] as const,
  );
  await db.transaction().execute(async (transaction) => {
    await hubHas(transaction, new Map(vectors));
    // Where there is nothing to hand in no new one comes: asked for the old one, the hub would seem put back again.
    await noteHub(transaction, { pushed: null });
  });
}

/** Tells for a while that another computer comes with this token. */
async function noteTwin(
  db: FrostDatabase,
  { twinAt }: HubLink,
  { now, isTwin }: { now: string; isTwin: boolean },
): Promise<void> {
  const isReported = twinAt !== null && Date.parse(now) - Date.parse(twinAt) <= TWIN_TOLD_MS;
  if (isReported || (!isTwin && twinAt === null)) return;
  await noteHub(db, { twinAt: isTwin ? now : null });
}

/**
 * Exchanges the book of this cabin with the others over the hub: takes in what they wrote, hands in what was written
 * here. A hub that was put back to an older state is filled again. Gives how many records came; undefined without
 * a hub.
 * Throws {@link HubRefusal}; what was done until then is kept and goes on from there.
 */
export async function syncOnce(sync: SyncGround): Promise<number | undefined> {
  const { db, hub, session } = sync;
  const link = await hubLink(db);
  if (!link) return undefined;
  const isFresh = await noteSession(db, session);
  // Cursors of a hub that had no documents yet are none.
  const cursors = link.isJoined ? [cursorOf(link.pulled), cursorOf(link.pushed)] : [null, null];
  const { known, now, isTwin } = await hub.hello({ session, cursors });
  const isLost = cursors.some((cursor, i) => cursor !== null && !known[i]);
  if (isLost) await refill(sync);
  const ground: TakeGround = { check: problemOf, nowIso: now, session };
  const from = isLost || !link.isJoined ? { ...link, pulled: null } : link;
  const came = await pull(sync, from, { ...ground, isFresh });
  await fetchPictures(sync, ground);
  await pushPictures(sync);
  const pushed = await push(sync);
  await noteTwin(db, link, { now, isTwin });
  // Only what is new is written: what others worked out from the database would else be old every half minute.
  const isNew = came + pushed > 0 || link.problem !== null || link.agreedAt === null;
  if (isNew) await noteHub(db, { agreedAt: now, problem: null });
  return came;
}
