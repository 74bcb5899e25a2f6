import type { FrostDatabase } from '@/data/database';
import { addProducts, listProducts } from '@/data/products';
import { readProducts, writeProducts } from '@/formats/csv/products';
import { asFile, onePage, type OutFile } from '@/formats/out-file';
import { failed, type WireResult } from '@/formats/wire';
import { offLoop } from '@/server/compute/pool';
import { task } from '@/server/compute/task';
import type { Write } from '@/server/write';
import { shelfScreenWords } from '@/words/screens/shelf';

const WORDS = shelfScreenWords.productsFiles;

export const productsFileTask = task('products file', 'quick', readProducts);

/** Puts the products of a CSV file on the shelf, or nothing of it. */
export async function importProducts(
  db: FrostDatabase,
  text: string,
  write: Write,
): Promise<WireResult<{ importId: string; count: number }>> {
  const onShelf = (await listProducts(db)).map((product) => product.name);
  const file = await offLoop(productsFileTask, text, onShelf);
  if (!file.ok) {
    return failed('invalid_file', WORDS.nothingWasTakenInFix, file.problems);
  }
  return write(async (transaction, { id: importId, newId }) => {
    const products = file.rows.map((row) => ({ ...row, id: newId(), swatch: row.swatch ?? null }));
    await addProducts(transaction, products);
    return { ok: true, value: { importId, count: products.length } };
  });
}

/** The whole shelf: CSV that can be taken in again, or JSON. */
export async function exportProducts(
  db: FrostDatabase,
  format: string | null,
): Promise<WireResult<OutFile>> {
  return asFile('shelf', { format, pages: onePage(await listProducts(db)), write: writeProducts });
}
