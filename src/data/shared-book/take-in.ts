import * as Y from 'yjs';
import { BOOK_NAMES } from '../../core/book';
import { kindOf, meet, OF_ALL, refsIn, type MetRecord, type Part } from '../../core/shared-book';
import type { FrostDatabase } from '../database';
import { noteDecided } from '../hub-decided';
import { signAs } from '../signatures';
import { absorbTouched } from './absorb';
import { contested, noteListed } from './decisions';
import { documentNames, loadDocument, ownSessions, saveDocument, vectorOf } from './documents';
import { heldBack } from './held';
import { joinBooks } from './join';
import type { WaitingPhoto } from './pictures';
import { changesIn, comingIn, toWrite, wantedOf, type Wanted, type WriteGround } from './to-write';
import { writeAll } from './write';

/** What came, by document. */
export type Incoming = ReadonlyMap<string, readonly Part[]>;

/** `session` signs what has to be settled here. */
export type TakeGround = WriteGround & { session: number };

type Met = Wanted & { records: readonly MetRecord[] };

/** Meets what came with the documents as they stand here; keeps nothing. */
async function meetAll(db: FrostDatabase, incoming: Incoming, session: number): Promise<Met[]> {
  const own = await ownSessions(db);
  const met: Met[] = [];
  for (const [name, parts] of incoming) {
    const document = await loadDocument(db, name, session);
    const records = meet(document, parts, (one) => own.has(one));
    met.push({ name, document, records, changed: records.map(({ ref, by }) => ({ ref, by })) });
  }
  return met;
}

/** What was held back is tried again with what came; removals wait for a person. */
async function withHeld(db: FrostDatabase, met: readonly Met[]): Promise<Wanted[]> {
  const again = (await heldBack(db)).filter(({ reason }) => reason !== 'removal');
  const came = new Map(met.map((one) => [one.name, one]));
  const beside = again.filter(({ document }) => !came.has(document));
  return [
    ...met.map((one) => {
      const refs = new Set(one.changed.map(({ ref }) => ref));
      const more = again
        .filter(({ document, ref }) => document === one.name && !refs.has(ref))
        .map(({ ref, cabin }) => ({ ref, by: cabin }));
      return { ...one, changed: [...one.changed, ...more] };
    }),
    ...(await wantedOf(db, beside)),
  ];
}

/** How many records that stand here what came would change or remove. */
export async function wouldChange(
  db: FrostDatabase,
  incoming: Incoming,
  ground: TakeGround,
): Promise<number> {
  const met = await meetAll(db, incoming, ground.session);
  return changesIn(await toWrite(db, met, ground));
}

/**
 * Takes in what others wrote: first what was written here goes into the documents, then theirs, then the tables are made
 * to say what the documents say, and what two set differently is listed. Belongs into one transaction. Gives how many
 * records came.
 */
export async function takeIn(
  db: FrostDatabase,
  incoming: Incoming,
  ground: TakeGround,
): Promise<number> {
  // What comes was written by the hands that came with it.
  await signAs(db, '');
  await absorbTouched(db, ground.session);
  const met = await meetAll(db, incoming, ground.session);
  const todos = await toWrite(db, await withHeld(db, met), ground);
  await writeAll(db, todos, ground);
  for (const { name, document, records } of met) {
    await saveDocument(db, name, { document, isAhead: false });
    await noteKnown(db, name, incoming.get(name)!);
    await noteListed(db, contested(name, document, records), ground.nowIso);
  }
  // What had to be settled here goes to the others at once.
  await absorbTouched(db, ground.session);
  return comingIn(todos);
}

/** The first meeting with a hub: its documents come, the book that stands here joins them. Belongs into one transaction. */
export async function takeInFirst(
  db: FrostDatabase,
  incoming: Incoming,
  ground: TakeGround,
): Promise<number> {
  await signAs(db, '');
  for (const { name, document } of await meetAll(db, incoming, ground.session)) {
    await saveDocument(db, name, { document, isAhead: false });
    await noteKnown(db, name, incoming.get(name)!);
  }
  const listed = await joinBooks(db, ground.session);
  await noteDecided(db, { cabin: OF_ALL, at: ground.nowIso }, listed);
  const todos = await toWrite(db, await wholeBook(db), ground);
  await writeAll(db, todos, ground);
  await absorbTouched(db, ground.session);
  return comingIn(todos);
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

/** Everything that the documents say. */
async function wholeBook(db: FrostDatabase): Promise<Wanted[]> {
  const wanted: Wanted[] = [];
  for (const name of await documentNames(db)) {
    if (!BOOK_NAMES.some((one) => one === kindOf(name))) continue;
    const document = await loadDocument(db, name);
    const changed = refsIn(document).map((ref) => ({ ref, by: OF_ALL }));
    wanted.push({ name, document, changed });
  }
  return wanted;
}

/** Writes photos whose pictures are there now. Belongs into a transaction. */
export async function takeInPictures(
  db: FrostDatabase,
  photos: readonly WaitingPhoto[],
  ground: TakeGround,
): Promise<void> {
  await signAs(db, '');
  await absorbTouched(db, ground.session);
  await writeAll(db, await toWrite(db, await wantedOf(db, photos), ground), ground);
}
