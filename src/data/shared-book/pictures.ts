import { BOOK_NAMES, bookKind, type BookName } from '../../core/book';
import type { FrostDatabase } from '../database';
import { eachInTurns } from '../next-turn';

/** Kinds whose records have a picture. */
export const PICTURED = BOOK_NAMES.filter((name) => bookKind(name).hasPicture) as Extract<
  BookName,
  'photo' | 'ski_photo'
>[];

/** A photo. */
export interface Photo {
  kind: (typeof PICTURED)[number];
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

/** Notes photos whose pictures the hub lacks. */
export const noteUnsentPictures = (
  db: FrostDatabase,
  kind: BookName,
  refs: readonly string[],
): Promise<void> =>
  eachInTurns(refs, async (ref) => {
    await db
      .insertInto('shared_picture')
      .values({ kind, ref })
      .onConflict((conflict) => conflict.doNothing())
      .execute();
  });

/** The hub was put back to an older state and may lack any picture. */
export async function noteAllUnsent(db: FrostDatabase): Promise<void> {
  for (const kind of PICTURED) {
    const rows = await db.selectFrom(kind).select('id').execute();
    await noteUnsentPictures(
      db,
      kind,
      rows.map(({ id }) => id),
    );
  }
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
