import type { FrostDatabase } from '@/data/database';
import { listProducts, saveProducts } from '@/data/products';
import { readProducts, writeProducts } from '@/formats/csv/products';
import { asFile, failed, type OutFile, type WireResult } from '@/formats/wire';

/** Puts the products of a CSV file on the shelf, or nothing of it. */
export async function importProducts(
  db: FrostDatabase,
  text: string,
  newId: () => string,
): Promise<WireResult<{ importId: string; count: number }>> {
  const onShelf = (await listProducts(db)).map((one) => one.name);
  const file = readProducts(text, onShelf);
  if (!file.ok) {
    return failed('invalid_file', 'Nothing was taken in: mend these cells first.', file.problems);
  }
  const products = file.rows.map((row) => ({ ...row, id: newId(), swatch: row.swatch ?? null }));
  await db.transaction().execute((transaction) => saveProducts(transaction, products));
  return { ok: true, value: { importId: newId(), count: products.length } };
}

/** The whole shelf: CSV that can be taken in again, or JSON. */
export async function exportProducts(
  db: FrostDatabase,
  format: string | null,
): Promise<WireResult<OutFile>> {
  const products = await listProducts(db);
  return asFile('shelf', format, () => writeProducts(products), products);
}
