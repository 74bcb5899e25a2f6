'use server';

import type { ShelfProduct } from '@/core/model';
import type { WireResult } from '@/formats/wire';
import { performWrite, performWriteOn } from '@/server/write';
import { keepBlocks } from '@/server/keep-blocks';
import { moveStock } from './use-cases/move-stock';
import { saveProduct, takeOffShelf, type SavedProduct } from './use-cases/save-product';

/** Puts a product on the shelf, back on it, or changes one that stands on `base`. */
export async function saveProductAction(
  key: string,
  input: unknown,
  base?: unknown,
): Promise<WireResult<SavedProduct>> {
  return performWrite(key, 'product.save', (db, { id }) =>
    saveProduct(db, { input, base, newId: id }),
  );
}

/** Takes a product off the shelf; gives it back so that the removal can be undone. */
export async function removeProductAction(
  key: string,
  productId: string,
): Promise<WireResult<ShelfProduct>> {
  return performWriteOn(key, {
    name: 'product.remove',
    target: productId,
    work: (db, id) => takeOffShelf(db, id),
  });
}

/** Puts usual kinds on an empty shelf. */
export async function keepKindsAction(
  key: string,
  kinds: unknown,
): Promise<WireResult<{ kept: number }>> {
  return performWrite(key, 'shelf.start', (db, { newId }) => keepBlocks(db, kinds, newId));
}

/** Books what came, went or was weighed. */
export async function stockMoveAction(key: string, input: unknown): Promise<WireResult<null>> {
  return performWrite(key, 'stock.move', (db, stamp) => moveStock(db, input, stamp));
}
