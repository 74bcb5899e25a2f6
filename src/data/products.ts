import { sql, type Insertable } from 'kysely';
import type { Additive, Application, LabelPreference, ProductRole } from '../core/terms';
import type { GlideProduct } from '../core/wax';
import type { FrostDatabase } from './database';
import { eachInTurns } from './next-turn';
import type { ProductRow, ProductTable } from './schema';

/** A product on the shelf. Temperatures °C, masses g, price in the team's own money a container. */
export interface ShelfProduct extends GlideProduct {
  role: ProductRole;
  applications: readonly Application[];
  /** Grip: the label for old snow; the first is for new snow. */
  label2LowC?: number;
  label2HighC?: number;
  preference?: LabelPreference;
  ironC?: number;
  ironLimitC?: number;
  meltingC?: number;
  /** For a block without a label: how sure its hardness is, 0–100 scale. */
  hardnessSd?: number;
  containerG?: number;
  price?: number;
  openedOn?: string;
  /** The user's own colour for its block. */
  swatch: string | null;
  /** Absent before it is stored; raised by each change. */
  version?: number;
}

const optional = <T>(value: T | null): T | undefined => value ?? undefined;

const fromRow = (row: ProductRow): ShelfProduct => ({
  id: row.id,
  name: row.name,
  form: row.form,
  labelLowC: row.label_low_c,
  labelHighC: row.label_high_c,
  additives: JSON.parse(row.additives) as Additive[],
  swatch: row.swatch,
  role: row.role,
  applications: JSON.parse(row.applications) as Application[],
  label2LowC: optional(row.label2_low_c),
  label2HighC: optional(row.label2_high_c),
  preference: optional(row.preference) as LabelPreference | undefined,
  ironC: optional(row.iron_c),
  ironLimitC: optional(row.iron_limit_c),
  meltingC: optional(row.melting_c),
  hardnessSd: optional(row.hardness_sd),
  containerG: optional(row.container_g),
  price: optional(row.price),
  openedOn: optional(row.opened_on),
  version: row.version,
});

const toRow = (product: ShelfProduct): Insertable<ProductTable> & { id: string } => ({
  id: product.id,
  name: product.name,
  form: product.form,
  label_low_c: product.labelLowC,
  label_high_c: product.labelHighC,
  additives: JSON.stringify(product.additives),
  swatch: product.swatch,
  role: product.role,
  applications: JSON.stringify(product.applications),
  label2_low_c: product.label2LowC ?? null,
  label2_high_c: product.label2HighC ?? null,
  preference: product.preference ?? null,
  iron_c: product.ironC ?? null,
  iron_limit_c: product.ironLimitC ?? null,
  melting_c: product.meltingC ?? null,
  hardness_sd: product.hardnessSd ?? null,
  container_g: product.containerG ?? null,
  price: product.price ?? null,
  opened_on: product.openedOn ?? null,
});

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
