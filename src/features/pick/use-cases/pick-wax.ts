import type { InferType } from 'yup';
import { pick, type PickResult } from '@/core/wax';
import { listProducts } from '@/data/products';
import type { FrostDatabase } from '@/data/database';
import { pickRequestSchema, type pickResponseSchema } from '@/formats/schemas/pick';
import { withCanonicalSpellings } from '@/formats/schemas/spellings';
import { validate } from '@/formats/schemas/validation';
import { invalidInput, type WireResult } from '@/formats/wire';

export type PickResponse = InferType<typeof pickResponseSchema>;

/** The result of the core as the API gives it. */
export function toPickResponse(result: PickResult): PickResponse {
  const { structure } = result;
  return {
    equivalentTemperatureC: result.equivalentTemperatureC,
    hardness: result.hardness,
    lines: result.lines,
    ranking: result.ranking,
    additives: result.additives.map((one) => one.additive),
    structure: { widthMm: structure.widthMm, kind: structure.kind },
    cautions: result.cautions,
    modelVersion: result.modelVersion,
  };
}

/** Picks from the products of the request, or else from the stored shelf. */
export async function pickWax(db: FrostDatabase, body: unknown): Promise<WireResult<PickResponse>> {
  const checked = validate(pickRequestSchema, withCanonicalSpellings(body));
  if (!checked.ok) return invalidInput(checked.problems);
  const { snow, outing } = checked.value;
  const products = checked.value.products ?? (await listProducts(db, 'glide'));
  if (products.length === 0) {
    return invalidInput([
      {
        field: 'products',
        message: 'The shelf is empty: give products, or put waxes on the shelf.',
      },
    ]);
  }
  return { ok: true, value: toPickResponse(pick(snow, outing, products)) };
}
