import {
  bookKind,
  columnsOf,
  completed,
  recordOf,
  rowFrom,
  type BookName,
  type BookRecord,
} from '../../core/book';
import { grouped } from '../../core/grouped';
import {
  putRecord,
  rawOf,
  removeRecord,
  type Fields,
  type RawRecord,
} from '../../core/shared-book';
import { namedHere } from '../book/here';
import type { FrostDatabase } from '../database';
import { nextTurn } from '../next-turn';
import { loadDocument, saveDocument } from './documents';
import { noteUnsentPictures } from './pictures';

/** Records that are looked up at once. */
export const A_PAGE = 100;

/** Those of some records, named by their keys, that stand here, as a document has them. */
async function rawHere(
  db: FrostDatabase,
  name: BookName,
  refs: readonly string[],
): Promise<Map<string, RawRecord>> {
  const found = new Map<string, RawRecord>();
  for (let from = 0; from < refs.length; from += A_PAGE) {
    if (from > 0) await nextTurn();
    const page = refs.slice(from, from + A_PAGE);
    for (const [ref, record] of await namedHere(db, name, page)) {
      found.set(ref, rowFrom(name, record) as RawRecord);
    }
  }
  return found;
}

/** The columns of a kind. */
export const columnNames = (name: BookName): string[] => Object.keys(columnsOf(name));

/** A record of a document as it is handed on; undefined where it is none that the app would have written. */
export function readRecord(name: BookName, fields: Fields): BookRecord | undefined {
  const raw = rawOf(fields, columnNames(name));
  try {
    return raw && completed(name, recordOf(name, raw));
  } catch {
    // JSON that is none.
    return undefined;
  }
}

/** Whether anything was written here since the documents were last brought up to date. */
export const hasTouched = async (db: FrostDatabase): Promise<boolean> =>
  (await db.selectFrom('shared_touched').select('ref').limit(1).executeTakeFirst()) !== undefined;

/**
 * Writes into the documents what was written here since the last time; `session` signs it. Belongs into the transaction
 * that then takes in what others wrote.
 */
export async function absorbTouched(db: FrostDatabase, session: number): Promise<void> {
  const touched = await db
    .selectFrom('shared_touched')
    .selectAll()
    .orderBy('document')
    .orderBy('ref')
    .execute();
  for (const [document, rows] of grouped(touched, (one) => one.document)) {
    const name = rows[0]!.kind as BookName;
    const refs = rows.map(({ ref }) => ref);
    await absorb(db, { document, name, refs, session });
  }
  await db.deleteFrom('shared_touched').execute();
}

/** When these were removed here, by their keys. */
async function removalsHere(
  db: FrostDatabase,
  name: BookName,
  refs: readonly string[],
): Promise<Map<string, string>> {
  const found = new Map<string, string>();
  for (let from = 0; from < refs.length; from += A_PAGE) {
    const rows = await db
      .selectFrom('gone')
      .select(['ref', 'gone_at'])
      .where('kind', '=', name)
      .where('ref', 'in', refs.slice(from, from + A_PAGE))
      .execute();
    for (const { ref, gone_at } of rows) found.set(ref, gone_at);
  }
  return found;
}

async function absorb(
  db: FrostDatabase,
  {
    document: title,
    name,
    refs,
    session,
  }: { document: string; name: BookName; refs: readonly string[]; session: number },
): Promise<void> {
  const here = await rawHere(db, name, refs);
  const removed = await removalsHere(db, name, refs);
  const document = await loadDocument(db, title, session);
  document.transact(() => {
    for (const ref of refs) {
      const record = here.get(ref);
      if (record) putRecord(document, ref, record);
      else removeRecord(document, ref, removed.get(ref) ?? '');
    }
  });
  await saveDocument(db, title, { document, isAhead: true });
  if (bookKind(name).hasPicture) await noteUnsentPictures(db, name, [...here.keys()]);
  // Whoever wrote a record knows what stands here, and not what was held back.
  for (let from = 0; from < refs.length; from += A_PAGE) {
    await db
      .deleteFrom('shared_held')
      .where('kind', '=', name)
      .where('ref', 'in', refs.slice(from, from + A_PAGE))
      .execute();
  }
}
