import type { ShelfProduct } from '@/core/model';
import type { FrostDatabase } from '@/data/database';
import { findProduct, listProducts, removeProduct, saveProducts } from '@/data/products';
import { withUsual } from '@/formats/csv/products';
import { mergeMeanwhile } from '@/formats/meanwhile';
import { shelfProductSchema } from '@/formats/schemas/product';
import { asFields, basedOn, validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { shelfScreenWords } from '@/words/screens/shelf';

const WORDS = shelfScreenWords.saveProduct;

export interface SavedProduct {
  id: string;
  version: number;
  /** What others had changed meanwhile and was taken over. */
  taken: string[];
}

const gone = () => failed('conflict', WORDS.thisProductWasTakenOff);

async function nameTaken(
  db: FrostDatabase,
  product: ShelfProduct,
): Promise<WireResult<never> | undefined> {
  const name = product.name.trim().toLowerCase();
  const isTaken = (await listProducts(db)).some(
    (other) => other.id !== product.id && other.name.trim().toLowerCase() === name,
  );
  if (!isTaken) return undefined;
  const message = WORDS.nameTaken(product.name);
  return invalidInput([{ field: 'name', message }]);
}

/**
 * Puts a product on the shelf, back on it, or changes one. `base` is the product as the form was filled with
 * it: where it changed since, the two changes are merged field by field.
 */
export async function saveProduct(
  db: FrostDatabase,
  { input, base, newId }: { input: unknown; base: unknown; newId: string },
): Promise<WireResult<SavedProduct>> {
  const fields = { id: newId, role: 'glide', ...asFields(input) };
  const checked = validate(shelfProductSchema, withUsual(fields));
  if (!checked.ok) return invalidInput(checked.problems);
  let product: ShelfProduct = { ...checked.value, swatch: checked.value.swatch ?? null };
  let taken: string[] = [];
  const stored = await findProduct(db, product.id);
  if (!stored && base !== undefined) return gone();
  if (stored) {
    const { version = 1, ...values } = stored;
    const merged = mergeMeanwhile(basedOn(base, product), { ...product }, { version, values });
    if (!merged.ok) return merged;
    product = { ...merged.value.values, id: product.id };
    taken = merged.value.taken;
  }
  const problem = await nameTaken(db, product);
  if (problem) return problem;
  await saveProducts(db, [product]);
  return { ok: true, value: { id: product.id, version: (stored?.version ?? 0) + 1, taken } };
}

/** Takes a product off the shelf; gives it back so that the removal can be undone. */
export async function takeOffShelf(
  db: FrostDatabase,
  id: string,
): Promise<WireResult<ShelfProduct>> {
  const removed = await removeProduct(db, id);
  return removed ? { ok: true, value: removed } : failed('not_found', WORDS.thatProductIsOffThe);
}
