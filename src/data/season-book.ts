import { sql } from 'kysely';
import type { Choice } from '../core/model';
import { listChoices } from './choices';
import type { FrostDatabase } from './database';

/** A choice is kilobytes: the report judges those of so many outings. */
const MOST_JUDGED = 100;

/** What the books of a season add up to. */
export interface SeasonBook {
  /** Grams that went on skis, by product; what was undone is taken off. */
  grams: Record<string, number>;
  /** Jobs that were ended, coats and kilometres, by ski. */
  jobs: Record<string, number>;
  coats: Record<string, number>;
  km: Record<string, number>;
  /** Outings with a choice or a job that was ended. */
  heldOutings: Set<string>;
  /** The last choice of each of the latest outings. */
  choices: Choice[];
}

const byKey = (rows: readonly { key: string; value: number | null }[]): Record<string, number> =>
  Object.fromEntries(rows.map(({ key, value }) => [key, Number(value ?? 0)]));

/** The books from a day to before another, `YYYY-MM-DD`. */
export async function seasonBook(
  db: FrostDatabase,
  { from, to }: { from: string; to: string },
): Promise<SeasonBook> {
  const [fromMs, toMs] = [Date.parse(from), Date.parse(to)];
  const events = db
    .selectFrom('ski_event')
    .where('at', '>=', new Date(fromMs).toISOString())
    .where('at', '<', new Date(toMs).toISOString());
  const [grams, jobs, coats, km, outings] = await Promise.all([
    db
      .selectFrom('stock_move')
      .select([
        'product_id as key',
        sql<number>`-sum(case when kind = 'used' then grams
          when is_undo = 1 then grams
          else 0 end)`.as('value'),
      ])
      .where('at', '>=', from)
      .where('at', '<', to)
      .groupBy('product_id')
      .execute(),
    db
      .selectFrom('job')
      .select(({ fn }) => ['ski_id as key', fn.countAll<number>().as('value')])
      .where('ended_at', '>=', from)
      .where('ended_at', '<', to)
      .groupBy('ski_id')
      .execute(),
    events
      .select(['ski_id as key', sql<number>`sum(json_extract(details, '$.coats'))`.as('value')])
      .where('kind', '=', 'waxed')
      .groupBy('ski_id')
      .execute(),
    events
      .select(['ski_id as key', sql<number>`sum(json_extract(details, '$.km'))`.as('value')])
      .where('kind', '=', 'kilometres')
      .groupBy('ski_id')
      .execute(),
    db
      .selectFrom('outing')
      .select('id')
      .where('start_at', '>=', from)
      .where('start_at', '<', to)
      .orderBy('start_at', 'desc')
      .execute(),
  ]);
  const [worked, chosen] = await Promise.all([
    db.selectFrom('job').select('outing_id').distinct().where('ended_at', 'is not', null).execute(),
    db.selectFrom('choice').select('outing_id').distinct().where('withdrawn', '=', 0).execute(),
  ]);
  const choices = await Promise.all(
    outings.slice(0, MOST_JUDGED).map(({ id }) => listChoices(db, id, 1)),
  );
  const here = new Set(outings.map(({ id }) => id));
  return {
    grams: byKey(grams),
    jobs: byKey(jobs),
    coats: byKey(coats),
    km: byKey(km),
    heldOutings: new Set(
      [...worked, ...chosen].map((row) => row.outing_id).filter((id) => here.has(id)),
    ),
    choices: choices.flat(),
  };
}
