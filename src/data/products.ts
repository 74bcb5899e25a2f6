import type { GlideProduct } from '../core/wax';
import type { Additive } from '../core/terms';
import type { FrostDatabase } from './database';
import type { ProductRow } from './schema';

/** A glide wax on the shelf with the user's own colour for its block. */
export interface ShelfProduct extends GlideProduct {
  swatch: string | null;
}

const fromRow = (row: ProductRow): ShelfProduct => ({
  id: row.id,
  name: row.name,
  form: row.form,
  labelLowC: row.label_low_c,
  labelHighC: row.label_high_c,
  additives: JSON.parse(row.additives) as Additive[],
  swatch: row.swatch,
});

/** The whole shelf by name. */
export async function listProducts(db: FrostDatabase): Promise<ShelfProduct[]> {
  const rows = await db.selectFrom('product').selectAll().orderBy('name').execute();
  return rows.map(fromRow);
}

/** Puts products on the shelf. */
export async function addProducts(
  db: FrostDatabase,
  products: readonly ShelfProduct[],
): Promise<void> {
  await db
    .insertInto('product')
    .values(
      products.map((product) => ({
        id: product.id,
        name: product.name,
        form: product.form,
        label_low_c: product.labelLowC,
        label_high_c: product.labelHighC,
        additives: JSON.stringify(product.additives),
        swatch: product.swatch,
      })),
    )
    .execute();
}

/** Takes a product off the shelf and gives it back; undefined when there is none of this id. */
export async function removeProduct(
  db: FrostDatabase,
  id: string,
): Promise<ShelfProduct | undefined> {
  const row = await db.deleteFrom('product').where('id', '=', id).returningAll().executeTakeFirst();
  return row && fromRow(row);
}
