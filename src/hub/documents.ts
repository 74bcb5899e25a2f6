import { randomUUID } from 'node:crypto';
import { deflateRawSync, inflateRawSync } from 'node:zlib';
import * as Y from 'yjs';
import { BY_HUB, isUpdate, keepPart, newSessions, openDocument } from '../core/shared-book';
import { wallMs } from '../core/time';
import { DAY_MS } from '../core/units/constants';
import { MOST_UNPACKED, type Cursor, type HubPart } from '../formats/hub/messages';
import { mayWrite, NOTHING, PushRefusal, spend, type Pusher } from './cabins';
import type { Hub } from './schema';
import { waitForOthers } from './tables';

/** Parts are kept so long; who has been away for longer reads the documents anew. */
const DAYS_KEPT = 60;

/** The state of a document as it is kept. */
export const unpackedState = (bytes: Buffer) =>
  new Uint8Array(inflateRawSync(bytes, { maxOutputLength: 4 * MOST_UNPACKED }));

function unpackedUpdate(update: string): Uint8Array {
  try {
    const bytes = inflateRawSync(Buffer.from(update, 'base64'), {
      maxOutputLength: MOST_UNPACKED,
    });
    if (isUpdate(bytes)) return new Uint8Array(bytes);
  } catch {
    // It is not packed, or too large.
  }
  throw new PushRefusal('unreadable');
}

/** Takes in what a cabin wrote; sent again it changes nothing. Throws {@link PushRefusal}. */
export function push(hub: Hub, pusher: Pusher, parts: readonly HubPart[]): Promise<Cursor> {
  return hub.transaction().execute(async (transaction) => {
    await waitForOthers(transaction);
    await spend(
      transaction,
      pusher,
      parts.reduce((sum, { update }) => sum + update.length, 0),
    );
    let cursor = NOTHING;
    for (const part of parts) cursor = await keep(transaction, pusher, part);
    const old = new Date(wallMs() - DAYS_KEPT * DAY_MS);
    await transaction
      .deleteFrom('part')
      .where('at', '<', old)
      .where('seq', '<', cursor.seq)
      .execute();
    return cursor;
  });
}

async function keep(hub: Hub, pusher: Pusher, part: HubPart): Promise<Cursor> {
  const { document: name } = part;
  const update = unpackedUpdate(part.update);
  const row = await hub
    .selectFrom('document')
    .select(['state', 'owners'])
    .where('name', '=', name)
    .executeTakeFirst();
  const document = openDocument(row && unpackedState(row.state));
  for (const session of newSessions(document, update)) await mayWrite(hub, pusher, session);
  const owners = new Map(JSON.parse(row?.owners ?? '[]') as [string, string][]);
  const kept = keepPart(document, { name, cabin: pusher.cabin, update, owners });
  const values = {
    state: deflateRawSync(Y.encodeStateAsUpdate(document)),
    owners: JSON.stringify([...kept.owners]),
  };
  await hub
    .insertInto('document')
    .values({ name, ...values })
    .onConflict((conflict) => conflict.column('name').doUpdateSet(values))
    .execute();
  const { cabin, session } = pusher;
  const cursor = await note(hub, { name, cabin, session }, Buffer.from(part.update, 'base64'));
  if (!kept.setBack) return cursor;
  return note(hub, { name, cabin: BY_HUB, session: 0 }, deflateRawSync(kept.setBack));
}

async function note(
  hub: Hub,
  { name, cabin, session }: { name: string; cabin: string; session: number },
  update: Buffer,
): Promise<Cursor> {
  return hub
    .insertInto('part')
    .values({
      stamp: randomUUID(),
      document: name,
      cabin,
      session: String(session),
      at: new Date(wallMs()),
      update,
    })
    .returning(['seq', 'stamp'])
    .executeTakeFirstOrThrow();
}
