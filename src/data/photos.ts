import { sql } from 'kysely';
import type { FrostDatabase } from './database';

/** Keeps a photo of a reading. */
export async function addPhoto(
  db: FrostDatabase,
  photo: { id: string; readingId: string; jpeg: Buffer; createdAt: string },
): Promise<void> {
  await db
    .insertInto('photo')
    .values({
      id: photo.id,
      reading_id: photo.readingId,
      jpeg: photo.jpeg,
      created_at: photo.createdAt,
    })
    .execute();
}

/** The latest photo of a reading, JPEG; undefined when there is none. */
export async function findPhoto(db: FrostDatabase, readingId: string): Promise<Buffer | undefined> {
  const row = await db
    .selectFrom('photo')
    .select('jpeg')
    .where('reading_id', '=', readingId)
    .orderBy(sql`rowid`, 'desc')
    .executeTakeFirst();
  return row?.jpeg;
}

/** Hands the photos of a reading on to the row that stands for it now. */
export async function movePhotos(db: FrostDatabase, fromId: string, toId: string): Promise<void> {
  await db
    .updateTable('photo')
    .set({ reading_id: toId })
    .where('reading_id', '=', fromId)
    .execute();
}

/** Takes a reading's latest photo away; gives whether there was one. */
export async function removePhoto(db: FrostDatabase, readingId: string): Promise<boolean> {
  const row = await db
    .selectFrom('photo')
    .select('id')
    .where('reading_id', '=', readingId)
    .orderBy(sql`rowid`, 'desc')
    .executeTakeFirst();
  if (!row) return false;
  await db.deleteFrom('photo').where('id', '=', row.id).execute();
  return true;
}

/** Which of these readings have a photo. */
export async function readingsWithPhoto(
  db: FrostDatabase,
  readingIds: readonly string[],
): Promise<Set<string>> {
  if (readingIds.length === 0) return new Set();
  const rows = await db
    .selectFrom('photo')
    .select('reading_id')
    .distinct()
    .where('reading_id', 'in', readingIds)
    .execute();
  return new Set(rows.map((row) => row.reading_id));
}

/** The reading that each of these photos belongs to, by the id of the photo. */
export async function readingsOfPhotos(
  db: FrostDatabase,
  ids: readonly string[],
): Promise<Map<string, string>> {
  const rows = await db
    .selectFrom('photo')
    .select(['id', 'reading_id'])
    .where('id', 'in', ids)
    .execute();
  return new Map(rows.map((row) => [row.id, row.reading_id]));
}
