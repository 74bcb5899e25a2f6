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
import { grouped } from '../../core/grouped';
import {
  documentOf,
  fieldsOf,
  isStanding,
  putRecord,
  removeRecord,
  type RawRecord,
} from '../../core/shared-book';
import { recordsHere, refOf } from '../book/here';
import type { FrostDatabase } from '../database';
import { forgetSent, sentSums } from '../hub-link';
import { readRecord } from './absorb';
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
    const documents = new Map<string, Y.Doc>();
    const open = async (title: string) => {
      const known = documents.get(title);
      if (known) return known;
      const made = await loadDocument(db, title, session);
      documents.set(title, made);
      return made;
    };
    const photos: string[] = [];
    for await (const records of recordsHere(db, name)) {
      for (const [title, own] of grouped(records, (one) => documentOf(name, one))) {
        const document = await open(title);
        document.transact(() => {
          for (const record of own) joinRecord(joining, document, { name, record });
        });
      }
      if (bookKind(name).hasPicture) photos.push(...records.map((record) => refOf(name, record)));
    }
    await joinRemovals(joining, name, open);
    for (const [title, document] of documents) {
      await saveDocument(db, title, { document, isAhead: true });
    }
    await noteUnsentPictures(db, name, photos);
  }
  await forgetSent(db);
  await db.deleteFrom('shared_touched').execute();
  return joining.listed;
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

/** What was removed here and still stands there goes, unless the hub knew of it and it came back. */
async function joinRemovals(
  { db, sent }: Joining,
  name: BookName,
  open: (title: string) => Promise<Y.Doc>,
): Promise<void> {
  const gone = await db.selectFrom('gone').selectAll().where('kind', '=', name).execute();
  const here = gone
    .filter((one) => isGone(one))
    .filter((one) => sent.get(`gone ${name}|${one.ref}`) !== sumOf(one as unknown as BookRecord));
  if (here.length === 0) return;
  for (const title of await documentNames(db, name)) {
    const document = await open(title);
    document.transact(() => {
      for (const { ref, gone_at } of here) removeRecord(document, ref, gone_at);
    });
  }
}
