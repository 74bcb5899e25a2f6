import * as Y from 'yjs';
import { BOOK_NAMES, bookKind, type BookName } from '../../core/book';
import {
  kindOf,
  meet,
  openDocument,
  refsIn,
  type MetRecord,
  type Part,
} from '../../core/shared-book';
import type { FrostDatabase } from '../database';
import { absorbTouched } from './absorb';
import { contested, noteTold } from './decisions';
import {
  documentNames,
  loadDocument,
  ownSessions,
  packed,
  saveDocument,
  unpacked,
} from './documents';
import { joinBooks } from './join';
import { forgetHeld, heldBack } from './held';
import { changesIn, toWrite, writeAll, type Changed, type Wanted, type WriteGround } from './write';
import { noteDecided } from '../hub-decided';
import { signAs } from '../signatures';

/** What came, by document. */
export type Incoming = ReadonlyMap<string, readonly Part[]>;

/** Where a record came with all others at the first meeting: of no cabin in particular. */
const OF_ALL = '*';

type Met = Wanted & { records: readonly MetRecord[] };

/** Meets what came with the documents as they stand here; keeps nothing. */
async function meetAll(db: FrostDatabase, incoming: Incoming, session: number): Promise<Met[]> {
  const own = await ownSessions(db);
  const met: Met[] = [];
  for (const [name, parts] of incoming) {
    const document = await loadDocument(db, name, session);
    const records = meetReadable(document, parts, (one) => own.has(one));
    met.push({ name, document, records, changed: records.map(({ ref, by }) => ({ ref, by })) });
  }
  return met;
}

/** One part that is no update does not keep the others away. */
function meetReadable(
  document: Y.Doc,
  parts: readonly Part[],
  isOwn: (session: number) => boolean,
): MetRecord[] {
  const readable = parts.filter(({ update }) => isReadable(update));
  return meet(document, readable, isOwn);
}

function isReadable(update: Uint8Array): boolean {
  try {
    openDocument(update);
    return true;
  } catch {
    return false;
  }
}

/** What was held back, by document, to be tried again; removals wait for a person. */
async function heldAgain(db: FrostDatabase): Promise<Map<string, Changed[]>> {
  const again = new Map<string, Changed[]>();
  for (const { document, ref, cabin, reason } of await heldBack(db)) {
    if (reason === 'removal') continue;
    again.set(document, [...(again.get(document) ?? []), { ref, by: cabin }]);
  }
  return again;
}

async function withHeld(db: FrostDatabase, met: readonly Met[]): Promise<Wanted[]> {
  const again = await heldAgain(db);
  const wanted: Wanted[] = met.map((one) => {
    const refs = new Set(one.changed.map(({ ref }) => ref));
    const more = (again.get(one.name) ?? []).filter(({ ref }) => !refs.has(ref));
    return { ...one, changed: [...one.changed, ...more] };
  });
  for (const [name, changed] of again) {
    if (met.some((one) => one.name === name)) continue;
    wanted.push({ name, changed, document: await loadDocument(db, name) });
  }
  return wanted;
}

/** How many records that stand here what came would change or remove. */
export async function wouldChange(
  db: FrostDatabase,
  incoming: Incoming,
  ground: WriteGround & { session: number },
): Promise<number> {
  const met = await meetAll(db, incoming, ground.session);
  return changesIn(await toWrite(db, met, ground));
}

/**
 * Takes in what others wrote: first what was written here goes into the documents, then theirs, then the tables are made
 * to say what the documents say, and what two set differently is told. Belongs into one transaction.
 */
export async function takeIn(
  db: FrostDatabase,
  incoming: Incoming,
  ground: WriteGround & { session: number },
): Promise<void> {
  // What comes was written by the hands that came with it.
  await signAs(db, '');
  await absorbTouched(db, ground.session);
  const met = await meetAll(db, incoming, ground.session);
  await writeAll(db, await toWrite(db, await withHeld(db, met), ground), ground);
  for (const { name, document, records } of met) {
    await saveDocument(db, name, { document, isAhead: false });
    await noteKnown(db, name, incoming.get(name)!);
    await noteTold(db, contested(name, document, records), ground.nowIso);
  }
  // What had to be settled here goes to the others at once.
  await absorbTouched(db, ground.session);
}

/** The first meeting with a hub: its documents come, the book that stands here joins them. Belongs into one transaction. */
export async function takeInFirst(
  db: FrostDatabase,
  incoming: Incoming,
  ground: WriteGround & { session: number },
): Promise<void> {
  await signAs(db, '');
  for (const { name, document } of await meetAll(db, incoming, ground.session)) {
    await saveDocument(db, name, { document, isAhead: false });
    await noteKnown(db, name, incoming.get(name)!);
  }
  const told = await joinBooks(db, ground.session);
  await noteDecided(db, { cabin: OF_ALL, at: ground.nowIso }, told);
  await writeOut(db, await documentNames(db), ground);
  await absorbTouched(db, ground.session);
}

/** What came from the hub, the hub has. */
async function noteKnown(db: FrostDatabase, name: string, parts: readonly Part[]): Promise<void> {
  const row = await db
    .selectFrom('shared_document')
    .select('sent')
    .where('name', '=', name)
    .executeTakeFirstOrThrow();
  const sent = vectorOf(row.sent);
  for (const { update } of parts.filter((part) => isReadable(part.update))) {
    for (const [session, clock] of Y.parseUpdateMeta(update).to) {
      sent.set(session, Math.max(clock, sent.get(session) ?? 0));
    }
  }
  await db
    .updateTable('shared_document')
    .set({ sent: Buffer.from(Y.encodeStateVector(sent)) })
    .where('name', '=', name)
    .execute();
}

const vectorOf = (bytes: Buffer | null): Map<number, number> =>
  bytes ? Y.decodeStateVector(new Uint8Array(bytes)) : new Map<number, number>();

/** Makes the tables say what these documents say, all of it. */
export async function writeOut(
  db: FrostDatabase,
  names: readonly string[],
  ground: WriteGround,
): Promise<void> {
  const wanted: Wanted[] = [];
  for (const name of names) {
    if (!BOOK_NAMES.some((one) => one === kindOf(name))) continue;
    const document = await loadDocument(db, name);
    const changed = refsIn(document).map((ref) => ({ ref, by: OF_ALL }));
    wanted.push({ name, document, changed });
  }
  await writeAll(db, await toWrite(db, wanted, ground), ground);
}

/** Removes what a cabin removed beyond what is taken over without asking. Belongs into one transaction. */
export async function agreeToRemovals(
  db: FrostDatabase,
  cabin: string,
  ground: WriteGround & { session: number },
): Promise<void> {
  await absorbTouched(db, ground.session);
  const held = (await heldRemovals(db)).filter((one) => one.cabin === cabin);
  const wanted: Wanted[] = [];
  for (const name of new Set(held.map(({ document }) => document))) {
    const changed = held
      .filter(({ document }) => document === name)
      .map(({ ref }) => ({ ref, by: cabin }));
    wanted.push({ name, document: await loadDocument(db, name), changed });
  }
  await writeAll(db, await toWrite(db, wanted, ground), { ...ground, isAgreed: true });
}

/** Keeps it instead: it is put back for the others too, the next time they come. */
export async function refuseRemovals(db: FrostDatabase, cabin: string): Promise<void> {
  const held = (await heldRemovals(db)).filter((one) => one.cabin === cabin);
  for (const { kind, ref, document } of held) {
    await db
      .insertInto('shared_touched')
      .values({ kind, ref, document })
      .onConflict((conflict) => conflict.doNothing())
      .execute();
    await forgetHeld(db, kind, ref);
  }
}

const heldRemovals = async (db: FrostDatabase) =>
  (await heldBack(db)).filter(({ reason }) => reason === 'removal');

/** A document of which the hub lacks something. */
export interface Ahead {
  name: string;
  /** What this book wrote, packed. */
  own: Buffer | undefined;
  /** What others wrote and the hub has lost, packed. */
  relayed: Buffer | undefined;
  /** Up to where the hub has it when that has come in. */
  vector: Buffer;
}

const EVERYTHING = Number.MAX_SAFE_INTEGER;

/** What the hub lacks of a document. */
export async function aheadOf(
  db: FrostDatabase,
  name: string,
  own: ReadonlySet<number>,
): Promise<Ahead> {
  const row = await db
    .selectFrom('shared_document')
    .select(['state', 'sent'])
    .where('name', '=', name)
    .executeTakeFirstOrThrow();
  const document = openDocument(unpacked(row.state));
  const vector = Y.encodeStateVector(document);
  const sent = vectorOf(row.sent);
  const all = Y.decodeStateVector(vector);
  const lacking = (isMine: boolean) => {
    const asked = new Map(sent);
    let isAny = false;
    for (const [session, clock] of all) {
      if (own.has(session) !== isMine) asked.set(session, EVERYTHING);
      else if (clock > (sent.get(session) ?? 0)) isAny = true;
    }
    return { isAny, update: Y.encodeStateAsUpdate(document, Y.encodeStateVector(asked)) };
  };
  const [mine, theirs] = [lacking(true), lacking(false)];
  return {
    name,
    own: mine.isAny ? packed(mine.update) : undefined,
    relayed: theirs.isAny ? packed(theirs.update) : undefined,
    vector: Buffer.from(vector),
  };
}

/** The documents of which the hub may lack something. */
export async function namesAhead(db: FrostDatabase): Promise<string[]> {
  const rows = await db
    .selectFrom('shared_document')
    .select('name')
    .where('is_ahead', '=', 1)
    .orderBy('name')
    .execute();
  return rows.map(({ name }) => name);
}

/** The hub has a document up to there. */
export async function noteSent(
  db: FrostDatabase,
  { name, vector }: Pick<Ahead, 'name' | 'vector'>,
): Promise<void> {
  await db
    .updateTable('shared_document')
    .set({ sent: vector, is_ahead: 0 })
    .where('name', '=', name)
    .execute();
}

/** The hub was put back to an older state: what it has of each document is what it says now. */
export async function hubHas(
  db: FrostDatabase,
  vectors: ReadonlyMap<string, Buffer>,
): Promise<void> {
  for (const name of await documentNames(db)) {
    await db
      .updateTable('shared_document')
      .set({ sent: vectors.get(name) ?? null, is_ahead: 1 })
      .where('name', '=', name)
      .execute();
  }
  for (const kind of PICTURED) {
    await db
      .insertInto('shared_picture')
      .columns(['kind', 'ref'])
      .expression((eb) =>
        eb
          .selectFrom(kind)
          .select(({ val, ref }) => [val<string>(kind).as('kind'), ref('id').as('ref')])
          // SQLite takes the conflict for a join without it.
          .where(({ lit }) => lit(true)),
      )
      .onConflict((conflict) => conflict.doNothing())
      .execute();
  }
}

/** Kinds whose records have a picture. */
export const PICTURED = BOOK_NAMES.filter((name) => bookKind(name).hasPicture) as Extract<
  BookName,
  'photo' | 'ski_photo'
>[];
