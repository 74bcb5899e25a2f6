import { STOCK_MOVE_FIELDS, type StockMove } from '../core/model';
import type { FrostDatabase } from './database';
import { entityOf, rowOf } from './rows';

/** Adds a move; moves are never changed, a wrong one is corrected by another. */
export async function addStockMove(db: FrostDatabase, move: StockMove): Promise<void> {
  await db.insertInto('stock_move').values(rowOf(STOCK_MOVE_FIELDS, move)).execute();
}

/** Moves, latest first; of one product, or of all. */
export async function listStockMoves(
  db: FrostDatabase,
  productId?: string,
  most = 200,
): Promise<StockMove[]> {
  let query = db.selectFrom('stock_move').selectAll().orderBy('at', 'desc').limit(most);
  if (productId !== undefined) query = query.where('product_id', '=', productId);
  const rows = await query.execute();
  return rows.map((row) => entityOf<StockMove>(STOCK_MOVE_FIELDS, row));
}

/** Grams left by product id; what was never weighed in is absent. */
export async function remainingGrams(db: FrostDatabase): Promise<Record<string, number>> {
  const rows = await db
    .selectFrom('stock_move')
    .select(({ fn }) => ['product_id', fn.sum<number>('grams').as('grams')])
    .groupBy('product_id')
    .execute();
  return Object.fromEntries(rows.map((row) => [row.product_id, Number(row.grams)]));
}
