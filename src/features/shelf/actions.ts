'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import { database } from '@/data/database';
import { addProducts, removeProduct, type ShelfProduct } from '@/data/products';
import { glideProductSchema } from '@/formats/schemas/product';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';

const COLOUR = /^#[0-9a-f]{6}$/i;

/** Puts a wax on the shelf, or back on it. */
export async function addProductAction(input: unknown): Promise<WireResult<null>> {
  const fields = (typeof input === 'object' && input !== null ? input : {}) as Record<
    string,
    unknown
  >;
  const checked = validate(glideProductSchema, { id: randomUUID(), ...fields });
  if (!checked.ok) return invalidInput(checked.problems);
  const swatch =
    typeof fields.swatch === 'string' && COLOUR.test(fields.swatch) ? fields.swatch : null;
  await addProducts(database(), [{ ...checked.value, swatch }]);
  revalidatePath('/outing', 'layout');
  return { ok: true, value: null };
}

/** Takes a wax off the shelf; gives it back so that the removal can be undone. */
export async function removeProductAction(id: string): Promise<WireResult<ShelfProduct>> {
  const removed = await removeProduct(database(), String(id));
  revalidatePath('/outing', 'layout');
  return removed
    ? { ok: true, value: removed }
    : failed('not_found', 'That product is off the shelf already.');
}
