import { CHOICE_FIELDS, type Choice } from '../core/model';
import type { SnowConditions } from '../core/wax';
import { sql } from 'kysely';
import { afterAll } from './append-only';
import type { FrostDatabase } from './database';
import { inPages } from './pages';
import { entityOf, rowOf } from './rows';

const fromRow = (row: object) => entityOf<Choice>(CHOICE_FIELDS, row);

/** Choices of one moment in the order in which they came in. */
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
    // By the clock, which addChoice keeps going forward: those of another cabin come in later than they were made.
    .orderBy('choice.created_at', 'desc')
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

/** Choices of these ids that stand. */
export async function choicesOf(db: FrostDatabase, ids: readonly string[]): Promise<Choice[]> {
  if (ids.length === 0) return [];
  const rows = await standing(db).selectAll().where('id', 'in', ids).execute();
  return rows.map(fromRow);
}

/** What of a choice tells whether its day was like another. */
export interface NearChoice extends Pick<
  Choice,
  'id' | 'outingId' | 'productName' | 'equivalentTemperatureC' | 'createdAt'
> {
  snow: SnowConditions;
}

/** Choices that stand whose day asked for about a temperature, the nearest first; without all that they hold. */
export async function choicesNear(
  db: FrostDatabase,
  { equivalentC, withinC, most }: { equivalentC: number; withinC: number; most: number },
): Promise<NearChoice[]> {
  const rows = await db
    .selectFrom('choice')
    .select(['id', 'outing_id', 'product_name', 'equivalent_temperature_c', 'created_at'])
    .select(sql<string>`json_extract(inputs, '$.snow')`.as('snow'))
    .where('id', 'in', standing(db).select('id'))
    .where('equivalent_temperature_c', '>=', equivalentC - withinC)
    .where('equivalent_temperature_c', '<=', equivalentC + withinC)
    .orderBy(sql`abs(equivalent_temperature_c - ${equivalentC})`)
    .limit(most)
    .execute();
  return rows.map((row) => ({
    id: row.id,
    outingId: row.outing_id,
    productName: row.product_name,
    equivalentTemperatureC: row.equivalent_temperature_c,
    createdAt: row.created_at,
    snow: JSON.parse(row.snow) as SnowConditions,
  }));
}

/** Adds a choice: the newest, whatever the clock says. */
export async function addChoice(db: FrostDatabase, choice: Choice): Promise<void> {
  const createdAt = await afterAll(db, 'choice', choice.createdAt);
  await db
    .insertInto('choice')
    .values({ ...rowOf(CHOICE_FIELDS, { ...choice, createdAt }), withdrawn: 0 })
    .execute();
}
