import type { ChoiceInputs, LogChoice, LogPage } from '../core/model';
import { sql } from 'kysely';
import type { ToldLine, ToldRanked } from '../core/choice';
import type { FrostDatabase } from './database';

const TOP = 5;

const standing = (db: FrostDatabase, words: string) => {
  const query = db
    .selectFrom('choice')
    .innerJoin('outing', 'outing.id', 'choice.outing_id')
    .where('choice.withdrawn', '=', 0)
    .where(
      sql<boolean>`not exists (select 1 from choice as later where later.corrects_id = choice.id)`,
    );
  if (words === '') return query;
  const found = sql<boolean>`instr(lower(choice.product_name || ' ' || outing.name || ' ' ||
    coalesce(choice.note, '')), ${words.toLowerCase()}) > 0`;
  return query.where(found);
};

/** Choices that stand, latest first, a page of those whose wax, outing or note has the words. */
export async function pageOfLog(
  db: FrostDatabase,
  { words, page, most }: { words: string; page: number; most: number },
): Promise<LogPage> {
  const { count } = await standing(db, words)
    .select(({ fn }) => fn.countAll<number>().as('count'))
    .executeTakeFirstOrThrow();
  const rows = await standing(db, words)
    .selectAll('choice')
    .orderBy(sql`choice.rowid`, 'desc')
    .limit(most)
    .offset((page - 1) * most)
    .execute();
  const choices = rows.map((row): LogChoice => {
    const ranking = JSON.parse(row.ranking) as ToldRanked[];
    const { products } = JSON.parse(row.inputs) as ChoiceInputs;
    const top = ranking.slice(0, TOP);
    return {
      id: row.id,
      outingId: row.outing_id,
      productName: row.product_name,
      equivalentTemperatureC: row.equivalent_temperature_c,
      hardness: row.hardness,
      modelVersion: row.model_version,
      note: row.note ?? undefined,
      createdAt: row.created_at,
      lines: JSON.parse(row.ledger) as ToldLine[],
      top,
      taken: ranking.find((ranked) => ranked.id === row.product_id),
      products: products.filter((product) => top.some((ranked) => ranked.id === product.id)),
    };
  });
  return { choices, count: Number(count) };
}
