import { sql, type Expression, type SqlBool } from 'kysely';
import type { LogMark, LogQuestion } from '../core/model';
import type { FrostDatabase } from './database';

/** Words as they are searched: letters and figures. */
const wordsIn = (text: string): string[] => text.split(/[^\p{L}\p{N}]+/u).filter(Boolean);

/** The entry, its outing or its pair has a word that begins with this one. */
function hasWord(word: string): Expression<SqlBool> {
  const inName = `%${word}%`;
  return sql<SqlBool>`(
    id in (select rowid from log_text where log_text match ${`"${word}"*`})
    or outing_id in (select id from outing where name like ${inName})
    or ski_id in (select id from ski where name like ${inName} or owner like ${inName}))`;
}

/** A page of the log, the latest entry first, with how many there are in all. */
export async function pageOfLog(
  db: FrostDatabase,
  { words, kinds, outingId, page, most }: LogQuestion,
): Promise<{ marks: LogMark[]; count: number }> {
  let query = db.selectFrom('log_entry');
  if (kinds) query = query.where('kind', 'in', kinds);
  if (outingId !== undefined) query = query.where('outing_id', '=', outingId);
  for (const word of wordsIn(words)) query = query.where(hasWord(word));
  const [{ count }, rows] = await Promise.all([
    query.select(({ fn }) => fn.countAll<number>().as('count')).executeTakeFirstOrThrow(),
    query
      .select(['kind', 'ref_id', 'outing_id', 'ski_id', 'at'])
      .orderBy('at', 'desc')
      .orderBy('id', 'desc')
      .limit(most)
      .offset((page - 1) * most)
      .execute(),
  ]);
  const marks = rows.map((row) => ({
    kind: row.kind,
    refId: row.ref_id,
    outingId: row.outing_id ?? undefined,
    skiId: row.ski_id ?? undefined,
    at: row.at,
  }));
  return { marks, count: Number(count) };
}
