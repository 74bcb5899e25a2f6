import { spend, type Pusher } from './cabins';
import type { Hub } from './schema';

/** Keeps the picture of a photo; the first one stands. */
export async function putPicture(
  hub: Hub,
  { cabin, mostBytes }: Pick<Pusher, 'cabin' | 'mostBytes'>,
  { kind, ref, jpeg }: { kind: string; ref: string; jpeg: string },
): Promise<void> {
  await hub.transaction().execute(async (transaction) => {
    const known = await picture(transaction, { kind, ref });
    if (known !== null) return;
    const bytes = Buffer.from(jpeg, 'base64');
    await spend(transaction, { cabin, mostBytes }, bytes.length);
    await transaction
      .insertInto('picture')
      .values({ kind, ref, cabin, jpeg: bytes })
      .onConflict((conflict) => conflict.doNothing())
      .execute();
  });
}

/** The picture of a photo, base64; null where it has not come. */
export async function picture(
  hub: Hub,
  { kind, ref }: { kind: string; ref: string },
): Promise<string | null> {
  const row = await hub
    .selectFrom('picture')
    .select('jpeg')
    .where('kind', '=', kind)
    .where('ref', '=', ref)
    .executeTakeFirst();
  return row ? row.jpeg.toString('base64') : null;
}
