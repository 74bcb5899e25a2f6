import * as Y from 'yjs';
import { OF_ALL } from '../core/shared-book';
import type { Cursor, Pulled } from '../formats/hub/messages';
import { NOTHING } from './cabins';
import { unpackedState } from './documents';
import type { Hub } from './schema';

/** Parts of a pull at the most, and about so many bytes of them. */
const MOST_PULLED = 500;
const MOST_PULLED_BYTES = 4_000_000;

/** What was written since a cursor, without what this session wrote; all documents, one by one, where there is none. */
export async function pull(hub: Hub, session: number, after: Cursor | null): Promise<Pulled> {
  if (after === null || after.document !== undefined) return pullDocuments(hub, after);
  const rows = await hub
    .selectFrom('part')
    .select(['seq', 'stamp', 'document', 'cabin', 'session'])
    .select(({ fn }) => fn<number>('octet_length', ['update']).as('size'))
    .where('seq', '>', after.seq)
    .orderBy('seq')
    .limit(MOST_PULLED)
    .execute();
  const page = within(rows);
  const wanted = page.filter((row) => row.session !== String(session)).map(({ seq }) => seq);
  const found =
    wanted.length === 0
      ? []
      : await hub
          .selectFrom('part')
          .select(['document', 'cabin', 'update'])
          .where('seq', 'in', wanted)
          .orderBy('seq')
          .execute();
  const last = page.at(-1);
  return {
    parts: found.map((row) => ({ ...row, update: row.update.toString('base64') })),
    cursor: last ? { seq: last.seq, stamp: last.stamp } : after,
    isMore: page.length < rows.length || rows.length === MOST_PULLED,
  };
}

/** The first of these that fit into one answer; one at least. */
function within<T extends { size: number }>(rows: readonly T[]): readonly T[] {
  let bytes = 0;
  const end = rows.findIndex(({ size }, i) => (bytes += size) > MOST_PULLED_BYTES && i > 0);
  return end < 0 ? rows : rows.slice(0, end);
}

async function pullDocuments(hub: Hub, after: Cursor | null): Promise<Pulled> {
  const { seq, stamp } = after ?? (await lastPart(hub));
  const rows = await hub
    .selectFrom('document')
    .select('name')
    .select(({ fn }) => fn<number>('octet_length', ['state']).as('size'))
    .where('name', '>', after?.document ?? '')
    .orderBy('name')
    .limit(MOST_PULLED)
    .execute();
  const page = within(rows);
  const names = page.map(({ name }) => name);
  const found =
    names.length === 0
      ? []
      : await hub
          .selectFrom('document')
          .select(['name', 'state'])
          .where('name', 'in', names)
          .orderBy('name')
          .execute();
  const isMore = page.length < rows.length || rows.length === MOST_PULLED;
  const document = names.at(-1);
  return {
    parts: found.map(({ name, state }) => ({
      document: name,
      cabin: OF_ALL,
      update: state.toString('base64'),
    })),
    cursor: isMore && document !== undefined ? { seq, stamp, document } : { seq, stamp },
    isMore,
  };
}

const lastPart = async (hub: Hub): Promise<Cursor> =>
  (await hub
    .selectFrom('part')
    .select(['seq', 'stamp'])
    .orderBy('seq', 'desc')
    .limit(1)
    .executeTakeFirst()) ?? NOTHING;

/** Up to where the hub has each document, base64, by name. */
export async function vectors(hub: Hub): Promise<Record<string, string>> {
  const names = await hub.selectFrom('document').select('name').execute();
  const found: [string, string][] = [];
  for (const { name } of names) {
    const { state } = await hub
      .selectFrom('document')
      .select('state')
      .where('name', '=', name)
      .executeTakeFirstOrThrow();
    const vector = Y.encodeStateVectorFromUpdate(unpackedState(state));
    found.push([name, Buffer.from(vector).toString('base64')]);
  }
  return Object.fromEntries(found);
}
