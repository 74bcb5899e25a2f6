import type { Choice, ChoiceInputs } from '../core/model';
import type { ChoiceDetails, ToldLine, ToldRanked } from '../core/choice';
import { sql } from 'kysely';
import type { FrostDatabase } from './database';
import { inPages } from './pages';
import type { ChoiceRow } from './schema';

const fromRow = (row: ChoiceRow): Choice => ({
  id: row.id,
  outingId: row.outing_id,
  readingId: row.reading_id ?? undefined,
  productId: row.product_id,
  productName: row.product_name,
  equivalentTemperatureC: row.equivalent_temperature_c,
  hardness: row.hardness,
  inputs: JSON.parse(row.inputs) as ChoiceInputs,
  lines: JSON.parse(row.ledger) as ToldLine[],
  ranking: JSON.parse(row.ranking) as ToldRanked[],
  details: row.details === null ? undefined : (JSON.parse(row.details) as ChoiceDetails),
  modelVersion: row.model_version,
  note: row.note ?? undefined,
  correctsId: row.corrects_id ?? undefined,
  createdAt: row.created_at,
});

/** The order in which choices were made, whatever the clock said. */
const IN_ORDER = sql<number>`choice.rowid`;

/** Choices that no later row corrects and that are not themselves a withdrawal, latest first. */
const standing = (db: FrostDatabase) =>
  db
    .selectFrom('choice')
    .where('withdrawn', '=', 0)
    .where(({ not, exists, selectFrom }) =>
      not(
        exists(
          selectFrom('choice as later')
            .select('later.id')
            .whereRef('later.corrects_id', '=', 'choice.id'),
        ),
      ),
    )
    .orderBy(IN_ORDER, 'desc');

/** Choices that stand, latest first; of one outing, or of all; up to `most` of them. */
export async function listChoices(
  db: FrostDatabase,
  outingId?: string,
  most?: number,
): Promise<Choice[]> {
  let query = standing(db).selectAll();
  if (outingId !== undefined) query = query.where('outing_id', '=', outingId);
  if (most !== undefined) query = query.limit(most);
  return (await query.execute()).map(fromRow);
}

/** All choices that stand, latest first, in pages; of one outing, or of all. */
export function pagesOfChoices(
  db: FrostDatabase,
  outingId?: string,
): AsyncGenerator<readonly Choice[]> {
  return inPages(
    async () => {
      let query = standing(db).select('id');
      if (outingId !== undefined) query = query.where('outing_id', '=', outingId);
      return (await query.execute()).map((row) => row.id);
    },
    async (ids) => {
      const rows = await db.selectFrom('choice').selectAll().where('id', 'in', ids).execute();
      const byId = new Map(rows.map((row) => [row.id, row]));
      return ids.map((id) => fromRow(byId.get(id)!));
    },
  );
}

/** Adds a choice. */
export async function addChoice(db: FrostDatabase, choice: Choice): Promise<void> {
  await db
    .insertInto('choice')
    .values({
      id: choice.id,
      outing_id: choice.outingId,
      reading_id: choice.readingId ?? null,
      product_id: choice.productId,
      product_name: choice.productName,
      equivalent_temperature_c: choice.equivalentTemperatureC,
      hardness: choice.hardness,
      inputs: JSON.stringify(choice.inputs),
      ledger: JSON.stringify(choice.lines),
      ranking: JSON.stringify(choice.ranking),
      details: choice.details ? JSON.stringify(choice.details) : null,
      model_version: choice.modelVersion,
      note: choice.note ?? null,
      corrects_id: choice.correctsId ?? null,
      withdrawn: 0,
      created_at: choice.createdAt,
    })
    .execute();
}
