import { deflateRawSync, inflateRawSync } from 'node:zlib';
import * as Y from 'yjs';
import { openDocument } from '../../core/shared-book';
import type { FrostDatabase } from '../database';

/** Deflated: text of records becomes a third. */
export const packed = (bytes: Uint8Array): Buffer => deflateRawSync(bytes);
/** Throws where it is not packed, or would be larger than `most`. */
export const unpacked = (bytes: Uint8Array, most?: number): Uint8Array =>
  new Uint8Array(inflateRawSync(bytes, most === undefined ? {} : { maxOutputLength: most }));

/** Up to where each session is known, as it is kept. */
export const vectorOf = (bytes: Buffer | null): Map<number, number> =>
  bytes ? Y.decodeStateVector(new Uint8Array(bytes)) : new Map<number, number>();

/** A document as it stands here; one that nobody wrote yet is empty. */
export async function loadDocument(
  db: FrostDatabase,
  name: string,
  session?: number,
): Promise<Y.Doc> {
  const row = await db
    .selectFrom('shared_document')
    .select('state')
    .where('name', '=', name)
    .executeTakeFirst();
  return openDocument(row && unpacked(row.state), session);
}

/** Keeps a document as it is now; `isAhead`: something was written into it that the hub has not. */
export async function saveDocument(
  db: FrostDatabase,
  name: string,
  { document, isAhead }: { document: Y.Doc; isAhead: boolean },
): Promise<void> {
  const state = packed(Y.encodeStateAsUpdate(document));
  await db
    .insertInto('shared_document')
    .values({ name, state, is_ahead: isAhead ? 1 : 0 })
    .onConflict((conflict) =>
      conflict.column('name').doUpdateSet({ state, ...(isAhead ? { is_ahead: 1 } : {}) }),
    )
    .execute();
}

/** The names of all documents, or of those of a kind. */
export async function documentNames(db: FrostDatabase, kind?: string): Promise<string[]> {
  const rows = await db.selectFrom('shared_document').select('name').orderBy('name').execute();
  const names = rows.map(({ name }) => name);
  return kind === undefined
    ? names
    : names.filter((name) => name === kind || name.startsWith(`${kind}/`));
}

/** Notes a session of this book; true where it is new. */
export async function noteSession(db: FrostDatabase, id: number): Promise<boolean> {
  const { numInsertedOrUpdatedRows } = await db
    .insertInto('shared_session')
    .values({ id })
    .onConflict((conflict) => conflict.doNothing())
    .executeTakeFirstOrThrow();
  return numInsertedOrUpdatedRows === 1n;
}

/** All sessions that this book ever had. */
export async function ownSessions(db: FrostDatabase): Promise<ReadonlySet<number>> {
  const rows = await db.selectFrom('shared_session').select('id').execute();
  return new Set(rows.map(({ id }) => id));
}
