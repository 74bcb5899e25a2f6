import type { FrostDatabase } from '@/data/database';
import { findProduct } from '@/data/products';
import { addStockMove, remainingGrams } from '@/data/stock';
import { stockMoveSchema } from '@/formats/schemas/shelf';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { shelfScreenWords } from '@/words/screens/shelf';

const WORDS = shelfScreenWords.moveStock;

const ROUNDING_G = 1e-9;

/** Books what came, went or was weighed: `corrected` takes the grams as what is there now. */
export async function moveStock(
  db: FrostDatabase,
  input: unknown,
  stamp: { id: string; at: string },
): Promise<WireResult<null>> {
  const checked = validate(stockMoveSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  const { productId, kind, grams, note } = checked.value;
  if (!(await findProduct(db, productId))) {
    return failed('not_found', WORDS.productGone);
  }
  const left = (await remainingGrams(db))[productId] ?? 0;
  const signed = kind === 'bought' ? grams : kind === 'used' ? -grams : grams - left;
  if (left + signed < -ROUNDING_G) {
    const message = WORDS.notEnoughGrams(Math.round(left));
    return invalidInput([{ field: 'grams', message }]);
  }
  await addStockMove(db, {
    id: stamp.id,
    productId,
    kind,
    grams: signed,
    note: note || undefined,
    at: stamp.at,
  });
  return { ok: true, value: null };
}
