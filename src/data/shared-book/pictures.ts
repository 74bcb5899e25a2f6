import type { FrostDatabase } from '../database';
import { signAs } from '../signatures';
import { absorbTouched } from './absorb';
import { loadDocument } from './documents';
import { PICTURED } from './exchange';
import { toWrite, writeAll, type Wanted, type WriteGround } from './write';

type Pictured = (typeof PICTURED)[number];

/** A photo. */
export interface Photo {
  kind: Pictured;
  ref: string;
}
/** A photo that came without its picture. */
export interface WaitingPhoto extends Photo {
  document: string;
  cabin: string;
}

/** Pictures held in memory at once. */
const A_PAGE = 10;

/** Photos that came and whose pictures have not, in pages of a few. */
export async function waitingPictures(db: FrostDatabase): Promise<WaitingPhoto[][]> {
  const rows = await db
    .selectFrom('shared_held')
    .select(['kind', 'ref', 'document', 'cabin'])
    .where('reason', '=', 'picture')
    .where('kind', 'in', PICTURED)
    .orderBy('document')
    .execute();
  const pages: WaitingPhoto[][] = [];
  for (let from = 0; from < rows.length; from += A_PAGE) {
    pages.push(rows.slice(from, from + A_PAGE) as WaitingPhoto[]);
  }
  return pages;
}

/** Writes photos whose pictures are there now. Belongs into a transaction. */
export async function writePictures(
  db: FrostDatabase,
  photos: readonly WaitingPhoto[],
  ground: WriteGround & { session: number },
): Promise<void> {
  await signAs(db, '');
  await absorbTouched(db, ground.session);
  const wanted: Wanted[] = [];
  for (const name of new Set(photos.map(({ document }) => document))) {
    const changed = photos
      .filter(({ document }) => document === name)
      .map(({ ref, cabin }) => ({ ref, by: cabin }));
    wanted.push({ name, document: await loadDocument(db, name), changed });
  }
  await writeAll(db, await toWrite(db, wanted, ground), ground);
}

/** Photos whose pictures the hub lacks. */
export async function unsentPictures(db: FrostDatabase): Promise<Photo[]> {
  const rows = await db.selectFrom('shared_picture').selectAll().execute();
  return rows as Photo[];
}

/** The hub has the picture. */
export async function pictureSent(db: FrostDatabase, { kind, ref }: Photo): Promise<void> {
  await db.deleteFrom('shared_picture').where('kind', '=', kind).where('ref', '=', ref).execute();
}
