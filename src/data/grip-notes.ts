import type { GripNote } from '../core/model';
import type { FrostDatabase } from './database';
import type { GripNoteTable } from './schema';

/** Keeps a note. */
export async function addGripNote(db: FrostDatabase, note: GripNote<unknown>): Promise<void> {
  await db
    .insertInto('grip_note')
    .values({
      id: note.id,
      outing_id: note.outingId,
      ski_id: note.skiId ?? null,
      kind: note.kind,
      content: JSON.stringify(note.content),
      at: note.at,
    })
    .execute();
}

/** Notes of one kind of an outing, oldest first. */
export async function listGripNotes<T>(
  db: FrostDatabase,
  outingId: string,
  kind: GripNote<T>['kind'],
): Promise<GripNote<T>[]> {
  const rows = await db
    .selectFrom('grip_note')
    .selectAll()
    .where('outing_id', '=', outingId)
    .where('kind', '=', kind)
    .orderBy('at')
    .execute();
  return rows.map((row) => noteOf<T>(row));
}

/** A note of its row. */
const noteOf = <T>(row: GripNoteTable): GripNote<T> => ({
  id: row.id,
  outingId: row.outing_id,
  skiId: row.ski_id ?? undefined,
  kind: row.kind,
  content: JSON.parse(row.content) as T,
  at: row.at,
});

/** How the pocket of a pair was last measured, on whatever outing; undefined: never. */
export async function lastFitOf<T>(
  db: FrostDatabase,
  skiId: string,
): Promise<GripNote<T> | undefined> {
  const row = await db
    .selectFrom('grip_note')
    .selectAll()
    .where('ski_id', '=', skiId)
    .where('kind', '=', 'fit')
    .orderBy('at', 'desc')
    .executeTakeFirst();
  return row && noteOf<T>(row);
}

/** Takes a note back; false when it is gone. */
export async function removeGripNote(db: FrostDatabase, id: string): Promise<boolean> {
  const done = await db.deleteFrom('grip_note').where('id', '=', id).executeTakeFirst();
  return done.numDeletedRows > 0n;
}
