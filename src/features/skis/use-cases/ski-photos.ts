import type { FrostDatabase } from '@/data/database';
import { addSkiPhoto, findSki, findSkiPhoto } from '@/data/skis';
import { cleanPhoto, NO_PHOTO } from '@/formats/photo';
import { failed, type WireResult } from '@/formats/wire';

/** Keeps a photo of a ski, smaller and without metadata. */
export async function keepSkiPhoto(
  db: FrostDatabase,
  skiId: string,
  bytes: Uint8Array,
  stamp: { id: string; at: string },
): Promise<WireResult<{ id: string; bytes: number }>> {
  if (!(await findSki(db, skiId))) return failed('not_found', 'There is no such ski.');
  const jpeg = await cleanPhoto(bytes);
  if (!jpeg) return NO_PHOTO;
  await addSkiPhoto(db, { ...stamp, skiId, jpeg });
  return { ok: true, value: { id: stamp.id, bytes: jpeg.length } };
}

/** A photo of a ski as JPEG. */
export async function showSkiPhoto(
  db: FrostDatabase,
  id: string,
): Promise<WireResult<Uint8Array<ArrayBuffer>>> {
  const jpeg = await findSkiPhoto(db, id);
  return jpeg
    ? { ok: true, value: new Uint8Array(jpeg) }
    : failed('not_found', 'There is no such photo.');
}
