import * as Y from 'yjs';
import { openDocument } from '../../core/shared-book';
import type { FrostDatabase } from '../database';
import { documentNames, packed, unpacked, vectorOf } from './documents';
import { noteAllUnsent } from './pictures';

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
  await noteAllUnsent(db);
}
