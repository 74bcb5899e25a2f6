import { NOTE_FIELDS, type Note } from '../core/model';
import type { FrostDatabase } from './database';
import { entityOf, rowOf } from './rows';

/** Writes a note. */
export async function addNote(db: FrostDatabase, note: Note): Promise<void> {
  await db.insertInto('note').values(rowOf(NOTE_FIELDS, note)).execute();
}

/** Takes a note away at a time, or with null puts it back; false where there is none. */
export async function markNote(
  db: FrostDatabase,
  id: string,
  removedAt: string | null,
): Promise<boolean> {
  const done = await db
    .updateTable('note')
    .set({ removed_at: removedAt })
    .where('id', '=', id)
    .executeTakeFirst();
  return done.numUpdatedRows > 0n;
}

/** Notes of these ids. */
export async function notesOf(db: FrostDatabase, ids: readonly string[]): Promise<Note[]> {
  const rows = await db.selectFrom('note').selectAll().where('id', 'in', ids).execute();
  return rows.map((row) => entityOf<Note>(NOTE_FIELDS, row));
}
