import { PRODUCT_FIELDS, type ShelfProduct } from '../core/model';
import { sql } from 'kysely';
import type { ProductRole } from '../core/terms';
import type { FrostDatabase } from './database';
import { insertMany } from './insert-many';
import { eachInTurns } from './next-turn';
import { entityOf, rowOf } from './rows';

const fromRow = (row: object) => entityOf<ShelfProduct>(PRODUCT_FIELDS, row);

/** What is stored of a product; its version is the database's own. */
const toRow = (product: ShelfProduct) => {
  const { version: _version, ...row } = rowOf(PRODUCT_FIELDS, product);
  return row;
};

/** The whole shelf by name; or what has one role. */
export async function listProducts(db: FrostDatabase, role?: ProductRole): Promise<ShelfProduct[]> {
  let query = db.selectFrom('product').selectAll().orderBy('name');
  if (role !== undefined) query = query.where('role', '=', role);
  return (await query.execute()).map(fromRow);
}

/** One product, or undefined when it is not on the shelf. */
export async function findProduct(
  db: FrostDatabase,
  id: string,
): Promise<ShelfProduct | undefined> {
  const row = await db.selectFrom('product').selectAll().where('id', '=', id).executeTakeFirst();
  return row && fromRow(row);
}

/** Puts many new products on the shelf. */
export const addProducts = (db: FrostDatabase, products: readonly ShelfProduct[]): Promise<void> =>
  insertMany(db, 'product', products.map(toRow));

/** Puts products on the shelf, or what stands there under the same id anew. */
export async function saveProducts(
  db: FrostDatabase,
  products: readonly ShelfProduct[],
): Promise<void> {
  await eachInTurns(products, async (product) => {
    const { id, ...facts } = toRow(product);
    await db
      .insertInto('product')
      .values({ id, ...facts })
      .onConflict((conflict) =>
        conflict.column('id').doUpdateSet({ ...facts, version: sql`product.version + 1` }),
      )
      .execute();
  });
}

/** Takes a product off the shelf and gives it back; undefined when there is none of this id. */
export async function removeProduct(
  db: FrostDatabase,
  id: string,
): Promise<ShelfProduct | undefined> {
  const row = await db.deleteFrom('product').where('id', '=', id).returningAll().executeTakeFirst();
  return row && fromRow(row);
}
