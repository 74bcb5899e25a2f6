import { sql } from 'kysely';
import type { LedgerLine, RankedProduct } from '../core/wax';
import type { ChoiceInputs } from './choices';
import type { FrostDatabase } from './database';

/** A choice as the log shows it: what was first in its ranking, without the rest. */
export interface LogChoice {
  id: string;
  outingId: string;
  productName: string;
  equivalentTemperatureC: number;
  hardness: number;
  modelVersion: string;
  note?: string;
  createdAt: string;
  lines: LedgerLine[];
  /** The first of the ranking, and the one that was taken. */
  top: RankedProduct[];
  taken: RankedProduct | undefined;
  products: ChoiceInputs['products'];
}

/** A page of the log. */
export interface LogPage {
  choices: LogChoice[];
  /** How many there are in all that have the words. */
  count: number;
}

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
    const ranking = JSON.parse(row.ranking) as RankedProduct[];
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
      lines: JSON.parse(row.ledger) as LedgerLine[],
      top,
      taken: ranking.find((ranked) => ranked.id === row.product_id),
      products: products.filter((product) => top.some((ranked) => ranked.id === product.id)),
    };
  });
  return { choices, count: Number(count) };
}
