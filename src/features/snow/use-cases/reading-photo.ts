import type { FrostDatabase } from '@/data/database';
import { addPhoto, findPhoto, removePhoto } from '@/data/photos';
import { findReading } from '@/data/readings';
import { cleanPhoto, noPhoto } from '@/formats/photo';
import { failed, type WireResult } from '@/formats/wire';
import type { Write } from '@/server/write';
import { snowScreenWords } from '@/words/screens/snow';

const WORDS = snowScreenWords.readingPhoto;

const noReading = () => failed('not_found', WORDS.readingUnknown);

/** Keeps a photo of a standing reading, cleaned of metadata. */
export async function keepPhoto(
  db: FrostDatabase,
  { readingId, bytes, write }: { readingId: string; bytes: Uint8Array; write: Write },
): Promise<WireResult<{ bytes: number }>> {
  if (!(await findReading(db, readingId))) return noReading();
  const jpeg = await cleanPhoto(bytes);
  if (!jpeg) return noPhoto();
  return write(async (transaction, { id, at }) => {
    if (!(await findReading(transaction, readingId))) return noReading();
    await addPhoto(transaction, { id, readingId, jpeg, createdAt: at });
    return { ok: true, value: { bytes: jpeg.length } };
  });
}

/** The photo of a reading. */
export async function showPhoto(
  db: FrostDatabase,
  readingId: string,
): Promise<WireResult<Uint8Array<ArrayBuffer>>> {
  const jpeg = await findPhoto(db, readingId);
  return jpeg ? { ok: true, value: new Uint8Array(jpeg) } : failed('not_found', WORDS.noPhoto);
}

/** Takes the photo of a reading away. */
export async function dropPhoto(db: FrostDatabase, readingId: string): Promise<WireResult<null>> {
  return (await removePhoto(db, readingId))
    ? { ok: true, value: null }
    : failed('not_found', WORDS.noPhoto);
}
