import * as Y from 'yjs';
import { grouped } from '../../core/grouped';
import { meet, OF_ALL, refsIn, type MetRecord, type Part } from '../../core/shared-book';
import type { FrostDatabase } from '../database';
import { noteDecided } from '../hub-decided';
import { signAs } from '../signatures';
import { absorbTouched } from './absorb';
import { contested, noteListed } from './decisions';
import { documentNames, loadDocument, ownSessions, saveDocument, vectorOf } from './documents';
import { heldBack } from './held';
import { joinBooks } from './join';
import type { WaitingPhoto } from './pictures';
import { changesIn, inOrder, toWrite, type Changed, type WriteGround } from './to-write';
import { Writing } from './write';

/** What came, by document; each is unpacked only when its turn comes. */
export type Incoming = ReadonlyMap<string, () => readonly Part[]>;

/** `session` signs what has to be settled here. */
export type TakeGround = WriteGround & { session: number };

interface Met {
  document: Y.Doc;
  records: readonly MetRecord[];
}

/** Meets what came with a document as it stands here; keeps nothing. */
async function met(
  db: FrostDatabase,
  { name, parts, session }: { name: string; parts: readonly Part[]; session: number },
  own: ReadonlySet<number>,
): Promise<Met> {
  const document = await loadDocument(db, name, session);
  return { document, records: meet(document, parts, (one) => own.has(one)) };
}

const changedIn = (records: readonly MetRecord[]): Changed[] =>
  records.map(({ ref, by }) => ({ ref, by }));

/** How many records that stand here what came would change or remove. */
export async function wouldChange(
  db: FrostDatabase,
  incoming: Incoming,
  ground: TakeGround,
): Promise<number> {
  const { session } = ground;
  const own = await ownSessions(db);
  let sum = 0;
  for (const [name, open] of incoming) {
    const { document, records } = await met(db, { name, parts: open(), session }, own);
    const todo = await toWrite(db, { name, document, changed: changedIn(records) }, ground);
    if (todo) sum += changesIn(todo);
  }
  return sum;
}

/** What of each document was held back and is tried again; removals wait for a person. */
async function heldAgain(db: FrostDatabase): Promise<Map<string, Changed[]>> {
  const again = (await heldBack(db)).filter(({ reason }) => reason !== 'removal');
  return changedBy(again);
}

const changedBy = (
  records: readonly { document: string; ref: string; cabin: string }[],
): Map<string, Changed[]> =>
  new Map(
    [...grouped(records, ({ document }) => document)].map(([name, own]) => [
      name,
      own.map(({ ref, cabin }) => ({ ref, by: cabin })),
    ]),
  );

/**
 * Takes in what others wrote: first what was written here goes into the documents, then theirs, then the tables are made
 * to say what the documents say, and what two set differently is listed. One document is in memory at a time. Belongs
 * into one transaction. Gives how many records came.
 */
export async function takeIn(
  db: FrostDatabase,
  incoming: Incoming,
  ground: TakeGround,
): Promise<number> {
  // What comes was written by the hands that came with it.
  const { session } = ground;
  await signAs(db, '');
  await absorbTouched(db, session);
  const own = await ownSessions(db);
  const writing = new Writing(db, ground);
  const again = await heldAgain(db);
  for (const name of inOrder([...new Set([...incoming.keys(), ...again.keys()])])) {
    const parts = incoming.get(name)?.() ?? [];
    const { document, records } = await met(db, { name, parts, session }, own);
    const came = new Set(records.map(({ ref }) => ref));
    const held = (again.get(name) ?? []).filter(({ ref }) => !came.has(ref));
    const changed = [...changedIn(records), ...held];
    await writing.write({ name, document, changed });
    if (parts.length === 0) continue;
    await saveDocument(db, name, { document, isAhead: false });
    await noteKnown(db, name, parts);
    await noteListed(db, contested(name, document, records), ground.nowIso);
  }
  const count = await writing.end();
  // What had to be settled here goes to the others at once.
  await absorbTouched(db, session);
  return count;
}

/**
 * The first meeting with a hub: its documents come, the book that stands here joins them. One document is in memory at a
 * time. Belongs into one transaction.
 */
export async function takeInFirst(
  db: FrostDatabase,
  incoming: Incoming,
  ground: TakeGround,
): Promise<number> {
  const { session } = ground;
  await signAs(db, '');
  const own = await ownSessions(db);
  for (const [name, open] of incoming) {
    const parts = open();
    if (parts.length === 0) continue;
    const { document } = await met(db, { name, parts, session }, own);
    await saveDocument(db, name, { document, isAhead: false });
    await noteKnown(db, name, parts);
  }
  const listed = await joinBooks(db, session);
  await noteDecided(db, { cabin: OF_ALL, at: ground.nowIso }, listed);
  const writing = new Writing(db, ground);
  for (const name of inOrder(await documentNames(db))) {
    const document = await loadDocument(db, name);
    const changed = refsIn(document).map((ref) => ({ ref, by: OF_ALL }));
    await writing.write({ name, document, changed });
  }
  const count = await writing.end();
  await absorbTouched(db, session);
  return count;
}

/** What came from the hub, the hub has. */
async function noteKnown(db: FrostDatabase, name: string, parts: readonly Part[]): Promise<void> {
  const row = await db
    .selectFrom('shared_document')
    .select('sent')
    .where('name', '=', name)
    .executeTakeFirstOrThrow();
  const sent = vectorOf(row.sent);
  for (const { update } of parts) {
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

/** Makes these records of documents stand here as the documents say. Belongs into a transaction. */
export async function writeAgain(
  db: FrostDatabase,
  records: readonly { document: string; ref: string; cabin: string }[],
  ground: WriteGround,
): Promise<void> {
  const wanted = changedBy(records);
  const writing = new Writing(db, ground);
  for (const name of inOrder([...wanted.keys()])) {
    const document = await loadDocument(db, name);
    await writing.write({ name, document, changed: wanted.get(name)! });
  }
  await writing.end();
}

/** Writes photos whose pictures are there now. Belongs into a transaction. */
export async function takeInPictures(
  db: FrostDatabase,
  photos: readonly WaitingPhoto[],
  ground: TakeGround,
): Promise<void> {
  await signAs(db, '');
  await absorbTouched(db, ground.session);
  await writeAgain(db, photos, ground);
}
