import type { FrostDatabase } from '@/data/database';
import { listProducts, saveProducts } from '@/data/products';
import { withUsual } from '@/formats/csv/products';
import { shelfProductsSchema } from '@/formats/schemas/product';
import { asFields, validate } from '@/formats/schemas/validation';
import { invalidInput, type WireResult } from '@/formats/wire';

const asName = (name: string) => name.trim().toLowerCase();

/** Puts waxes by name and range on the shelf, glide blocks where nothing else is said; a name that is there is left as it is. */
export async function keepBlocks(
  db: FrostDatabase,
  input: unknown,
  newId: () => string,
): Promise<WireResult<{ kept: number }>> {
  const usual = { role: 'glide', form: 'block', additives: [] };
  const rows = Array.isArray(input)
    ? input.map((row) => withUsual({ ...usual, ...asFields(row), id: newId() }))
    : input;
  const checked = validate(shelfProductsSchema, rows);
  if (!checked.ok) return invalidInput(checked.problems);
  const known = new Set((await listProducts(db)).map(({ name }) => asName(name)));
  const products = checked.value.filter(({ name }) => {
    const isNew = !known.has(asName(name));
    known.add(asName(name));
    return isNew;
  });
  await saveProducts(
    db,
    products.map((one) => ({ ...one, swatch: one.swatch ?? null })),
  );
  return { ok: true, value: { kept: products.length } };
}
