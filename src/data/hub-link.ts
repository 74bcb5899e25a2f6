import type { FrostDatabase } from './database';

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
  /** Both books have met: what is written here since then is told apart from what others wrote. */
  isJoined: boolean;
  /** When another computer was last seen with the token of this cabin, ISO 8601 in UTC. */
  twinAt: string | null;
}

/** The link to a hub, if there is one. */
export async function hubLink(db: FrostDatabase): Promise<HubLink | undefined> {
  const row = await db.selectFrom('hub_link').selectAll().executeTakeFirst();
  if (!row) return undefined;
  const { url, token, pulled, pushed, agreed_at: agreedAt, problem, twin_at: twinAt } = row;
  return {
    url,
    token,
    pulled,
    pushed,
    agreedAt,
    problem,
    isJoined: row.is_joined === 1,
    twinAt,
  };
}

/** Links this cabin to a hub, from the beginning. */
export async function linkHub(
  db: FrostDatabase,
  { url, token }: Pick<HubLink, 'url' | 'token'>,
): Promise<void> {
  await unlinkHub(db);
  await db.insertInto('hub_link').values({ id: 1, url, token, is_joined: 0 }).execute();
}

/** Forgets the hub; what came from it stays. */
export async function unlinkHub(db: FrostDatabase): Promise<void> {
  for (const table of OF_THE_LINK) await db.deleteFrom(table).execute();
}

/** What stands for the exchange alone; the book itself is in its own tables. */
const OF_THE_LINK = [
  'hub_link',
  'hub_sent',
  'shared_document',
  'shared_touched',
  'shared_held',
  'shared_removal',
  'shared_picture',
] as const;

/** Notes how far the exchange has come. */
export async function noteHub(
  db: FrostDatabase,
  { agreedAt, twinAt, isJoined, ...rest }: Partial<Omit<HubLink, 'url' | 'token'>>,
): Promise<void> {
  await db
    .updateTable('hub_link')
    .set({
      ...rest,
      ...(agreedAt === undefined ? {} : { agreed_at: agreedAt }),
      ...(twinAt === undefined ? {} : { twin_at: twinAt }),
      ...(isJoined === undefined ? {} : { is_joined: isJoined ? 1 : 0 }),
    })
    .execute();
}

/** Sums of the records that an older hub had of this cabin, by kind and keys. */
export async function sentSums(db: FrostDatabase): Promise<Map<string, string>> {
  const rows = await db.selectFrom('hub_sent').selectAll().execute();
  return new Map(rows.map(({ kind, ref, sum }) => [`${kind} ${ref}`, sum]));
}

/** Forgets those sums: the documents tell from now on what the hub has. */
export async function forgetSent(db: FrostDatabase): Promise<void> {
  await db.deleteFrom('hub_sent').execute();
}
