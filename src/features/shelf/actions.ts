'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import { database } from '@/data/database';
import { listProducts, removeProduct, saveProducts, type ShelfProduct } from '@/data/products';
import { addStockMove, remainingGrams } from '@/data/stock';
import { withUsual } from '@/formats/csv/products';
import { shelfProductSchema, stockMoveSchema } from '@/formats/schemas/shelf';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';

const refresh = () => revalidatePath('/outing', 'layout');
const asFields = (input: unknown) =>
  (typeof input === 'object' && input !== null ? input : {}) as Record<string, unknown>;

/** Puts a product on the shelf, back on it, or changes the one of the same id. */
export async function saveProductAction(input: unknown): Promise<WireResult<null>> {
  const checked = validate(
    shelfProductSchema,
    withUsual({ id: randomUUID(), role: 'glide', ...asFields(input) }),
  );
  if (!checked.ok) return invalidInput(checked.problems);
  const product = { ...checked.value, swatch: checked.value.swatch ?? null };
  const db = database();
  const isTaken = (await listProducts(db)).some(
    (one) =>
      one.id !== product.id && one.name.trim().toLowerCase() === product.name.trim().toLowerCase(),
  );
  if (isTaken) {
    const message = `“${product.name}” is on the shelf already: give this one another name.`;
    return invalidInput([{ field: 'name', message }]);
  }
  await saveProducts(db, [product]);
  refresh();
  return { ok: true, value: null };
}

/** Takes a product off the shelf; gives it back so that the removal can be undone. */
export async function removeProductAction(id: string): Promise<WireResult<ShelfProduct>> {
  const removed = await removeProduct(database(), String(id));
  refresh();
  return removed
    ? { ok: true, value: removed }
    : failed('not_found', 'That product is off the shelf already.');
}

/** Books what came, went or was weighed: `corrected` takes the grams as what is there now. */
export async function stockMoveAction(input: unknown): Promise<WireResult<null>> {
  const checked = validate(stockMoveSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  const { productId, kind, grams, note } = checked.value;
  const db = database();
  const left = (await remainingGrams(db))[productId] ?? 0;
  const signed = kind === 'bought' ? grams : kind === 'used' ? -grams : grams - left;
  if (left + signed < -1e-9) {
    const message = `Only ${Math.round(left)} g are there: correct the stock first.`;
    return invalidInput([{ field: 'grams', message }]);
  }
  await addStockMove(db, {
    id: randomUUID(),
    productId,
    kind,
    grams: signed,
    note: note || undefined,
    at: new Date().toISOString(),
  });
  refresh();
  return { ok: true, value: null };
}
