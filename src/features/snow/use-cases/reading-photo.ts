import type { FrostDatabase } from '@/data/database';
import { addPhoto, findPhoto, removePhoto } from '@/data/photos';
import { listReadings } from '@/data/readings';
import { cleanPhoto, NO_PHOTO } from '@/formats/photo';
import { failed, type WireResult } from '@/formats/wire';

const NO_READING = failed('not_found', 'There is no standing reading of this id.');

/** Keeps a photo of a standing reading, cleaned of metadata. */
export async function keepPhoto(
  db: FrostDatabase,
  readingId: string,
  bytes: Uint8Array,
  stamp: { id: string; at: string },
): Promise<WireResult<{ bytes: number }>> {
  if (!(await listReadings(db)).some((one) => one.id === readingId)) return NO_READING;
  const jpeg = await cleanPhoto(bytes);
  if (!jpeg) return NO_PHOTO;
  await addPhoto(db, { id: stamp.id, readingId, jpeg, createdAt: stamp.at });
  return { ok: true, value: { bytes: jpeg.length } };
}

/** The photo of a reading. */
export async function showPhoto(
  db: FrostDatabase,
  readingId: string,
): Promise<WireResult<Uint8Array<ArrayBuffer>>> {
  const jpeg = await findPhoto(db, readingId);
  return jpeg
    ? { ok: true, value: new Uint8Array(jpeg) }
    : failed('not_found', 'This reading has no photo.');
}

/** Takes the photo of a reading away. */
export async function dropPhoto(db: FrostDatabase, readingId: string): Promise<WireResult<null>> {
  return (await removePhoto(db, readingId))
    ? { ok: true, value: null }
    : failed('not_found', 'This reading has no photo.');
}
