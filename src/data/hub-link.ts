import type { FrostDatabase } from './database';
import { insertMany } from './insert-many';

/** How this cabin is linked to a hub. Cursors are JSON, as the hub gave them. */
export interface HubLink {
  url: string;
  token: string;
  pulled: string | null;
  pushed: string | null;
  /** When something was last exchanged, ISO 8601 in UTC. */
  agreedAt: string | null;
  /** The code of what was wrong at the last try. */
  problem: string | null;
}

/** The link to a hub, if there is one. */
export async function hubLink(db: FrostDatabase): Promise<HubLink | undefined> {
  const row = await db.selectFrom('hub_link').selectAll().executeTakeFirst();
  if (!row) return undefined;
  const { url, token, pulled, pushed, agreed_at: agreedAt, problem } = row;
  return { url, token, pulled, pushed, agreedAt, problem };
}

/** Links this cabin to a hub, from the beginning. */
export async function linkHub(
  db: FrostDatabase,
  { url, token }: Pick<HubLink, 'url' | 'token'>,
): Promise<void> {
  await unlinkHub(db);
  await db.insertInto('hub_link').values({ id: 1, url, token }).execute();
}

/** Forgets the hub; what came from it stays. */
export async function unlinkHub(db: FrostDatabase): Promise<void> {
  await db.deleteFrom('hub_link').execute();
  await db.deleteFrom('hub_sent').execute();
}

/** Notes how far the exchange has come. */
export async function noteHub(
  db: FrostDatabase,
  change: Partial<Omit<HubLink, 'url' | 'token'>>,
): Promise<void> {
  const { agreedAt, ...rest } = change;
  const columns = agreedAt === undefined ? rest : { ...rest, agreed_at: agreedAt };
  await db.updateTable('hub_link').set(columns).execute();
}

/** Sums of the records that the hub has of this cabin, by kind and keys. */
export async function sentSums(db: FrostDatabase): Promise<Map<string, string>> {
  const rows = await db.selectFrom('hub_sent').selectAll().execute();
  return new Map(rows.map(({ kind, ref, sum }) => [`${kind} ${ref}`, sum]));
}

/** Notes what the hub has taken. */
export async function noteSent(
  db: FrostDatabase,
  rows: readonly { kind: string; ref: string; sum: string }[],
): Promise<void> {
  for (const kind of new Set(rows.map((row) => row.kind))) {
    const refs = rows.filter((row) => row.kind === kind).map(({ ref }) => ref);
    await db.deleteFrom('hub_sent').where('kind', '=', kind).where('ref', 'in', refs).execute();
  }
  await insertMany(db, 'hub_sent', [...rows]);
}

/** The hub has lost what it had: everything is handed in again. */
export async function forgetSent(db: FrostDatabase): Promise<void> {
  await db.deleteFrom('hub_sent').execute();
}
