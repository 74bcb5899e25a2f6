import { listProducts, saveProducts } from '@/data/products';
import type { FrostDatabase } from '@/data/database';
import { withUsual } from '@/formats/csv/products';
import { shelfProductSchema } from '@/formats/schemas/product';
import { validate, type FieldProblem } from '@/formats/schemas/validation';
import { invalidInput, type WireResult } from '@/formats/wire';
import type { ShelfProduct } from '@/core/model';

const MOST = 40;

/** Puts waxes by name and range on the shelf, glide blocks where nothing else is said; those whose name stands there already are left as they are. */
export async function keepBlocks(
  db: FrostDatabase,
  input: unknown,
  newId: () => string,
): Promise<WireResult<{ kept: number }>> {
  const rows = Array.isArray(input) ? input.slice(0, MOST) : [];
  const known = new Set((await listProducts(db)).map((one) => one.name.trim().toLowerCase()));
  const products: ShelfProduct[] = [];
  const problems: FieldProblem[] = [];
  rows.forEach((row: unknown, i) => {
    const given = Object(row) as Record<string, unknown>;
    const { name, labelLowC, labelHighC, role = 'glide', form = 'block' } = given;
    const fields = {
      id: newId(),
      name,
      labelLowC,
      labelHighC,
      role,
      form,
      additives: [],
    };
    const checked = validate(shelfProductSchema, withUsual(fields));
    if (!checked.ok) {
      problems.push(...checked.problems.map((one) => ({ ...one, field: `[${i}].${one.field}` })));
    } else if (!known.has(checked.value.name.trim().toLowerCase())) {
      products.push({ ...checked.value, swatch: null });
      known.add(checked.value.name.trim().toLowerCase());
    }
  });
  if (problems.length > 0) return invalidInput(problems);
  await saveProducts(db, products);
  return { ok: true, value: { kept: products.length } };
}
