import { wallMs } from '../core/time';
import { DAY_MS } from '../core/units/constants';
import type { Cursor, Hello, Welcome } from '../formats/hub/messages';
import { hashOf, newSecret } from '../formats/secrets';
import type { Hub } from './schema';

/** Who has not come for so long does not come again. */
const DAYS_AWAY = 30;
/** Where nothing was written yet. */
export const NOTHING: Cursor = { seq: '0', stamp: '' };

/** What a hub does not take. */
export class PushRefusal extends Error {
  constructor(readonly code: 'not_yours' | 'unreadable' | 'full') {
    super(code);
    this.name = 'PushRefusal';
  }
}

/** Lets a cabin in, or gives it a new token; the token is told this once. */
export async function letCabinIn(hub: Hub, name: string): Promise<string> {
  const token = newSecret();
  const token_hash = hashOf(token);
  await hub
    .insertInto('cabin')
    .values({ name, token_hash, bytes: '0', session: null, seen_at: null })
    .onConflict((conflict) => conflict.column('name').doUpdateSet({ token_hash }))
    .execute();
  return token;
}

/** The cabin of a token. */
export const cabinOf = async (hub: Hub, token: string): Promise<string | undefined> =>
  (
    await hub
      .selectFrom('cabin')
      .select('name')
      .where('token_hash', '=', hashOf(token))
      .executeTakeFirst()
  )?.name;

/** A session belongs to the cabin that came with it first; nobody else writes by it. False where it is another one's. */
async function claim(hub: Hub, id: number, cabin: string): Promise<boolean> {
  await hub
    .insertInto('session')
    .values({ id: String(id), cabin })
    .onConflict((conflict) =>
      conflict.column('id').doUpdateSet({ cabin }).where('session.cabin', '=', ''),
    )
    .execute();
  const { cabin: owner } = await hub
    .selectFrom('session')
    .select('cabin')
    .where('id', '=', String(id))
    .executeTakeFirstOrThrow();
  return owner === cabin;
}

/** A cabin comes: whether its cursors are known, and whether another computer comes by the same token. */
export function hello(hub: Hub, cabin: string, { session, cursors }: Hello): Promise<Welcome> {
  return hub.transaction().execute(async (transaction) => {
    const { session: last } = await transaction
      .selectFrom('cabin')
      .select('session')
      .where('name', '=', cabin)
      .forUpdate()
      .executeTakeFirstOrThrow();
    const isNew =
      (await transaction
        .selectFrom('session')
        .select('id')
        .where('id', '=', String(session))
        .where('cabin', '=', cabin)
        .executeTakeFirst()) === undefined;
    if (!(await claim(transaction, session, cabin))) throw new PushRefusal('not_yours');
    // An app that was started anew has a new session, and its old one never comes again.
    const isTwin = !isNew && last !== String(session);
    await transaction
      .updateTable('cabin')
      .set({ session: String(session), seen_at: new Date(wallMs()) })
      .where('name', '=', cabin)
      .execute();
    const known: boolean[] = [];
    for (const one of cursors) known.push(one !== null && (await isKnown(transaction, one)));
    return { known, now: new Date(wallMs()).toISOString(), isTwin };
  });
}

/** Whether a part is still known under its number and stamp. */
async function isKnown(hub: Hub, { seq, stamp }: Cursor): Promise<boolean> {
  if (seq === NOTHING.seq) return true;
  const found = await hub
    .selectFrom('part')
    .select('seq')
    .where('seq', '=', seq)
    .where('stamp', '=', stamp)
    .executeTakeFirst();
  return found !== undefined;
}

/** Who pushes, and how much it may have handed in. */
export interface Pusher {
  cabin: string;
  session: number;
  /** What it pushes was written by others and lost here. */
  isRelay: boolean;
  mostBytes: number;
}

/** Counts what a cabin handed in. Throws {@link PushRefusal} beyond its share. */
export async function spend(
  hub: Hub,
  { cabin, mostBytes }: Pick<Pusher, 'cabin' | 'mostBytes'>,
  bytes: number,
): Promise<void> {
  const { bytes: spent } = await hub
    .updateTable('cabin')
    .set(({ eb }) => ({ bytes: eb('bytes', '+', String(bytes)) }))
    .where('name', '=', cabin)
    .returning('bytes')
    .executeTakeFirstOrThrow();
  if (Number(spent) > mostBytes) throw new PushRefusal('full');
}

/** Throws {@link PushRefusal} where somebody else writes by this session. */
export async function mayWrite(
  hub: Hub,
  { cabin, isRelay }: Pusher,
  session: number,
): Promise<void> {
  const may = isRelay ? await mayRelay(hub, session) : await claim(hub, session, cabin);
  if (!may) throw new PushRefusal('not_yours');
}

/**
 * What was lost here with an older state may come from anybody who has it, but not what the running app of a cabin wrote:
 * that cabin hands it in itself, and nobody else may take its numbers.
 */
async function mayRelay(hub: Hub, session: number): Promise<boolean> {
  const away = new Date(wallMs() - DAYS_AWAY * DAY_MS);
  const running = await hub
    .selectFrom('cabin')
    .select('name')
    .where('session', '=', String(session))
    .where('seen_at', '>', away)
    .executeTakeFirst();
  return running === undefined;
}
