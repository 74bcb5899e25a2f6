import { createHash } from 'node:crypto';
import type * as Y from 'yjs';
import {
  BOOK_NAMES,
  bookKind,
  decide,
  differences,
  isGone,
  labelOf,
  rowFrom,
  type BookName,
  type BookRecord,
  type Difference,
} from '../../core/book';
import {
  documentOf,
  fieldsOf,
  isStanding,
  putRecord,
  removeRecord,
  type RawRecord,
} from '../../core/shared-book';
import { namedHere, recordsHere, refOf } from '../book/here';
import type { FrostDatabase } from '../database';
import { forgetSent, sentSums } from '../hub-link';
import { nextTurn } from '../next-turn';
import { A_PAGE, readRecord } from './absorb';
import { documentNames, loadDocument, saveDocument } from './documents';
import { noteUnsentPictures } from './pictures';

const sumOf = (record: BookRecord) =>
  createHash('sha256').update(JSON.stringify(record)).digest('base64url');

interface Joining {
  db: FrostDatabase;
  session: number;
  /** What an older hub had of this cabin. */
  sent: ReadonlyMap<string, string>;
  /** What the hub's book says otherwise, where that stands. */
  listed: Difference[];
}

/**
 * Brings the book that stands here and the one that came from the hub together, the first time: they have no history in
 * common, so each record that both have is decided by the rule of its kind, and where a person must, the hub's stands
 * and is told. What this cabin changed since it last exchanged with an older hub goes in; what it did not stays theirs.
 */
export async function joinBooks(db: FrostDatabase, session: number): Promise<Difference[]> {
  const joining: Joining = { db, session, sent: await sentSums(db), listed: [] };
  for (const name of BOOK_NAMES) {
    const gone = await removedHere(joining, name);
    const here = await placesHere(db, name);
    const titles = gone.length > 0 ? await documentNames(db, name) : [];
    for (const title of new Set([...here.keys(), ...titles])) {
      await joinDocument(joining, { name, title, refs: here.get(title) ?? [], gone });
    }
    if (bookKind(name).hasPicture) await noteUnsentPictures(db, name, [...here.values()].flat());
  }
  await forgetSent(db);
  await db.deleteFrom('shared_touched').execute();
  return joining.listed;
}

/** The keys of the records that stand here, by the documents they belong to. */
async function placesHere(db: FrostDatabase, name: BookName): Promise<Map<string, string[]>> {
  const places = new Map<string, string[]>();
  for await (const records of recordsHere(db, name)) {
    for (const record of records) {
      const title = documentOf(name, record);
      const refs = places.get(title);
      if (refs) refs.push(refOf(name, record));
      else places.set(title, [refOf(name, record)]);
    }
  }
  return places;
}

/** Joins one document, so that only one is in memory. */
async function joinDocument(
  joining: Joining,
  {
    name,
    title,
    refs,
    gone,
  }: { name: BookName; title: string; refs: readonly string[]; gone: readonly Removed[] },
): Promise<void> {
  const { db, session } = joining;
  const document = await loadDocument(db, title, session);
  for (let from = 0; from < refs.length; from += A_PAGE) {
    await nextTurn();
    const page = await namedHere(db, name, refs.slice(from, from + A_PAGE));
    document.transact(() => {
      for (const record of page.values()) joinRecord(joining, document, { name, record });
    });
  }
  document.transact(() => {
    for (const { ref, gone_at } of gone) removeRecord(document, ref, gone_at);
  });
  await saveDocument(db, title, { document, isAhead: true });
}

function joinRecord(
  { sent, listed }: Joining,
  document: Y.Doc,
  { name, record }: { name: BookName; record: BookRecord },
): void {
  const ref = refOf(name, record);
  const put = (one: BookRecord) => putRecord(document, ref, rowFrom(name, one) as RawRecord);
  const fields = fieldsOf(document, ref);
  const wasSent = sent.get(`${name} ${ref}`);
  const isAsSent = wasSent === sumOf(record);
  if (fields.size === 0) {
    put(record);
    return;
  }
  // Who did not touch it knows no better than the others.
  if (isAsSent) return;
  if (!isStanding(fields)) {
    put(record);
    return;
  }
  const theirs = readRecord(name, fields);
  if (!theirs || wasSent === sumOf(theirs)) {
    put(record);
    return;
  }
  const verdict = decide(bookKind(name), record, theirs);
  if (verdict.kind === 'kept') put(record);
  if (verdict.kind === 'changed') put(verdict.record);
  if (verdict.kind !== 'conflict') return;
  for (const column of differences(record, theirs)) {
    listed.push({
      id: `${name}/${ref}/${column}`,
      name,
      label: labelOf(theirs),
      columns: [{ column, mine: record[column], theirs: theirs[column] }],
      isFixed: false,
      isTaken: true,
    });
  }
}

interface Removed {
  ref: string;
  gone_at: string;
}

/** What was removed here, unless the hub knew of it and it came back: where it still stands there, it goes. */
async function removedHere({ db, sent }: Joining, name: BookName): Promise<Removed[]> {
  const gone = await db.selectFrom('gone').selectAll().where('kind', '=', name).execute();
  return gone
    .filter((one) => isGone(one))
    .filter((one) => sent.get(`gone ${name}|${one.ref}`) !== sumOf(one as unknown as BookRecord));
}
