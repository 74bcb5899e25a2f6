import { deflateRawSync } from 'node:zlib';
import * as Y from 'yjs';
import {
  BOOK_NAMES,
  bookKind,
  decide,
  tombstoneKey,
  isGone,
  mergedTombstones,
  rowFrom,
  type BookName,
  type BookRecord,
  type Tombstone,
} from '../core/book';
import {
  documentOf,
  openDocument,
  putRecord,
  removeRecord,
  type RawRecord,
} from '../core/shared-book';
import type { Hub } from './schema';

const GONE = 'gone';

/** Whether this database was kept by an older hub and has not been taken over. */
async function isOlder(hub: Hub): Promise<boolean> {
  const tables = await hub.introspection.getTables();
  if (!tables.some(({ name }) => name === 'record')) return false;
  const made = await hub.selectFrom('document').select('name').limit(1).executeTakeFirst();
  return made === undefined;
}

/** What the cabins of an older hub had of one record, made one. */
function together(name: BookName, records: readonly BookRecord[]): BookRecord {
  return records.reduce((mine, theirs) => {
    const verdict = decide(bookKind(name), mine, theirs);
    if (verdict.kind === 'changed') return verdict.record;
    return verdict.kind === 'conflict' ? theirs : mine;
  });
}

/** Rows of one record each; they come in the order of their keys. */
function runsOf<T extends { ref: string }>(rows: readonly T[]): T[][] {
  const runs: T[][] = [];
  for (const row of rows) {
    const last = runs.at(-1);
    if (last?.[0]!.ref === row.ref) last.push(row);
    else runs.push([row]);
  }
  return runs;
}

async function removedThere(hub: Hub): Promise<Tombstone[]> {
  const rows = await hub.selectFrom('record').select('json').where('kind', '=', GONE).execute();
  const found = new Map<string, Tombstone>();
  for (const { json } of rows) {
    const one = JSON.parse(json) as Tombstone;
    const key = tombstoneKey(one.kind, one.ref);
    const known = found.get(key);
    found.set(key, known ? mergedTombstones(known, one) : one);
  }
  return [...found.values()].filter((one) => isGone(one));
}

/**
 * Makes documents of what an older hub kept as records, once. Its tables stay as they are, as a copy. `by` is the owner of
 * what the first cabin of a record brought.
 */
export async function takeOver(hub: Hub): Promise<void> {
  if (!(await isOlder(hub))) return;
  const gone = await removedThere(hub);
  for (const name of BOOK_NAMES) {
    const rows = await hub
      .selectFrom('record')
      .select(['cabin', 'ref', 'json', 'picture'])
      .where('kind', '=', name)
      .orderBy('ref')
      .orderBy('batch')
      .execute();
    const documents = new Map<string, { document: Y.Doc; owners: [string, string][] }>();
    for (const copies of runsOf(rows)) {
      const { ref } = copies[0]!;
      const record = together(
        name,
        copies.map(({ json }) => JSON.parse(json) as BookRecord),
      );
      const title = documentOf(name, record);
      const made = documents.get(title) ?? { document: openDocument(undefined), owners: [] };
      documents.set(title, made);
      putRecord(made.document, ref, rowFrom(name, record) as RawRecord);
      made.owners.push([ref, copies[0]!.cabin]);
      const pictured = copies.find(({ picture }) => picture !== null);
      if (pictured) {
        const jpeg = Buffer.from(pictured.picture!, 'base64');
        await hub
          .insertInto('picture')
          .values({ kind: name, ref, cabin: pictured.cabin, jpeg })
          .onConflict((conflict) => conflict.doNothing())
          .execute();
      }
    }
    for (const [title, { document, owners }] of documents) {
      document.transact(() => {
        for (const { ref, gone_at } of gone.filter(({ kind }) => kind === name)) {
          removeRecord(document, ref, gone_at);
        }
      });
      const state = deflateRawSync(Y.encodeStateAsUpdate(document));
      await hub
        .insertInto('document')
        .values({ name: title, state, owners: JSON.stringify(owners) })
        .execute();
    }
  }
}
