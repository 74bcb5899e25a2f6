import type { FrostDatabase } from './database';

/** Says whose hand writes what follows in this transaction; empty: nobody who has a name. */
export async function signAs(db: FrostDatabase, hand: string): Promise<void> {
  const { name } = await db.selectFrom('hand').select('name').executeTakeFirstOrThrow();
  if (name !== hand) await db.updateTable('hand').set({ name: hand }).execute();
}

/** The hands that records have seen, by the key of the record. */
export type Authors = ReadonlyMap<string, readonly string[]>;

function gathered(rows: readonly { ref: string; hand: string }[]): Authors {
  const found = new Map<string, string[]>();
  for (const { ref, hand } of rows) {
    const known = found.get(ref) ?? [];
    if (!known.includes(hand)) found.set(ref, [...known, hand]);
  }
  return found;
}

/** The hands that wrote to records of a table, by the key of the record. */
export async function authorsOf(
  db: FrostDatabase,
  table: string,
  refs: readonly string[],
): Promise<Authors> {
  const rows = await db
    .selectFrom('signature')
    .select(['ref', 'hand'])
    .where('kind', '=', table)
    .where('ref', 'in', refs)
    .orderBy('hand')
    .execute();
  return gathered(rows);
}

/** The hands that wrote to jobs and to their steps, by the job. */
export async function authorsOfJobs(db: FrostDatabase, ids: readonly string[]): Promise<Authors> {
  const rows = await db
    .selectFrom('signature')
    .select(['ref', 'hand'])
    .where(({ eb, or, and }) =>
      or(
        ids.flatMap((id) => [
          and([eb('kind', '=', 'job'), eb('ref', '=', id)]),
          // The keys of a step: its job, a bar, its place.
          and([eb('kind', '=', 'job_step'), eb('ref', '>', `${id}|`), eb('ref', '<', `${id}|:`)]),
        ]),
      ),
    )
    .orderBy('hand')
    .execute();
  return gathered(rows.map(({ ref, hand }) => ({ ref: ref.split('|')[0]!, hand })));
}

/** The hands that took in files of readings, by the import. */
export async function authorsOfImports(
  db: FrostDatabase,
  ids: readonly string[],
): Promise<Authors> {
  const rows = await db
    .selectFrom('signature')
    .innerJoin('reading', 'reading.id', 'signature.ref')
    .select(['reading.import_id as ref', 'hand'])
    .distinct()
    .where('kind', '=', 'reading')
    .where('reading.import_id', 'in', ids)
    .orderBy('hand')
    .execute();
  return gathered(rows.map(({ ref, hand }) => ({ ref: ref!, hand })));
}
