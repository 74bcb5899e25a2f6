import type { FrostDatabase } from '@/data/database';
import { addSkiPhoto, findSki, findSkiPhoto } from '@/data/skis';
import { cleanPhoto, noPhoto } from '@/formats/photo';
import { failed, type WireResult } from '@/formats/wire';
import type { Write } from '@/server/write';
import { skisScreenWords } from '@/words/screens/skis';

const WORDS = skisScreenWords.skiPhotos;

/** Keeps a photo of a ski, smaller and without metadata. */
export async function keepSkiPhoto(
  db: FrostDatabase,
  { skiId, bytes, write }: { skiId: string; bytes: Uint8Array; write: Write },
): Promise<WireResult<{ id: string; bytes: number }>> {
  if (!(await findSki(db, skiId))) return failed('not_found', WORDS.skiUnknown);
  const jpeg = await cleanPhoto(bytes);
  if (!jpeg) return noPhoto();
  return write(async (transaction, { id, at }) => {
    await addSkiPhoto(transaction, { id, at, skiId, jpeg });
    return { ok: true, value: { id, bytes: jpeg.length } };
  });
}

/** A photo of a ski as JPEG. */
export async function showSkiPhoto(
  db: FrostDatabase,
  id: string,
): Promise<WireResult<Uint8Array<ArrayBuffer>>> {
  const jpeg = await findSkiPhoto(db, id);
  return jpeg ? { ok: true, value: new Uint8Array(jpeg) } : failed('not_found', WORDS.photoUnknown);
}
