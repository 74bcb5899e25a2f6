import { SKI_FIELDS, type KeptSki } from '../core/model';
import { sql } from 'kysely';
import type { Ski } from '../core/ski';
import type { FrostDatabase } from './database';
import { eachInTurns } from './next-turn';
import { entityOf, rowOf } from './rows';
import type { SkiRow } from './schema';

const fromRow = (row: SkiRow): KeptSki => ({
  ...entityOf<Ski>(SKI_FIELDS, row),
  version: row.version,
  isRemoved: row.removed_at !== null,
});

/** Everything on the rack, by name. */
export async function listSkis(db: FrostDatabase): Promise<KeptSki[]> {
  const rows = await db
    .selectFrom('ski')
    .selectAll()
    .where('removed_at', 'is', null)
    .orderBy('name')
    .execute();
  return rows.map(fromRow);
}

/** One ski, on the rack or taken off it. */
export async function findSki(db: FrostDatabase, id: string): Promise<KeptSki | undefined> {
  const row = await db.selectFrom('ski').selectAll().where('id', '=', id).executeTakeFirst();
  return row && fromRow(row);
}

/** Names of pairs by id, of removed ones too. */
export async function skiNames(
  db: FrostDatabase,
  ids: readonly string[],
): Promise<Map<string, string>> {
  const rows = await db.selectFrom('ski').select(['id', 'name']).where('id', 'in', ids).execute();
  return new Map(rows.map((row) => [row.id, row.name]));
}

/** Adds skis, or changes those of the same id; one that was taken off stays off. */
export async function saveSkis(db: FrostDatabase, skis: readonly Ski[]): Promise<void> {
  await eachInTurns(skis, async (ski) => {
    const row = rowOf(SKI_FIELDS, ski);
    await db
      .insertInto('ski')
      .values(row)
      .onConflict((conflict) =>
        conflict.column('id').doUpdateSet({ ...row, version: sql`ski.version + 1` }),
      )
      .execute();
  });
}

/** Takes a ski off the rack; its events and jobs stay. False when it is not there. */
export async function removeSki(db: FrostDatabase, id: string, at: string): Promise<boolean> {
  const done = await db
    .updateTable('ski')
    .set({ removed_at: at, version: sql`version + 1` })
    .where('id', '=', id)
    .where('removed_at', 'is', null)
    .executeTakeFirst();
  return done.numUpdatedRows > 0n;
}

/** Puts a ski back on the rack; false when it is there. */
export async function restoreSki(db: FrostDatabase, id: string): Promise<boolean> {
  const done = await db
    .updateTable('ski')
    .set({ removed_at: null, version: sql`version + 1` })
    .where('id', '=', id)
    .where('removed_at', 'is not', null)
    .executeTakeFirst();
  return done.numUpdatedRows > 0n;
}

/** Keeps a photo of a ski. */
export async function addSkiPhoto(
  db: FrostDatabase,
  photo: { id: string; skiId: string; jpeg: Buffer; at: string },
): Promise<void> {
  await db
    .insertInto('ski_photo')
    .values({ id: photo.id, ski_id: photo.skiId, jpeg: photo.jpeg, created_at: photo.at })
    .execute();
}

/** Ids of the photos of a ski, oldest first. */
export async function listSkiPhotos(db: FrostDatabase, skiId: string): Promise<string[]> {
  const rows = await db
    .selectFrom('ski_photo')
    .select('id')
    .where('ski_id', '=', skiId)
    .orderBy('created_at')
    .execute();
  return rows.map((row) => row.id);
}

/** One photo as JPEG. */
export async function findSkiPhoto(db: FrostDatabase, id: string): Promise<Buffer | undefined> {
  const row = await db
    .selectFrom('ski_photo')
    .select('jpeg')
    .where('id', '=', id)
    .executeTakeFirst();
  return row?.jpeg;
}
