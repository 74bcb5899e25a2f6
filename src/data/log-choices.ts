import type { ChoiceInputs, LogChoice } from '../core/model';
import type { RenderedLine, RenderedRanked } from '../core/choice';
import type { FrostDatabase } from './database';

const TOP = 5;

/** Choices as the log shows them, by id. */
export async function logChoicesOf(
  db: FrostDatabase,
  ids: readonly string[],
): Promise<Map<string, LogChoice>> {
  const rows = await db.selectFrom('choice').selectAll().where('id', 'in', ids).execute();
  const choices = rows.map((row): LogChoice => {
    const ranking = JSON.parse(row.ranking) as RenderedRanked[];
    const { products } = JSON.parse(row.inputs) as ChoiceInputs;
    const top = ranking.slice(0, TOP);
    return {
      id: row.id,
      outingId: row.outing_id,
      productName: row.product_name,
      equivalentTemperatureC: row.equivalent_temperature_c,
      hardness: row.hardness,
      modelVersion: row.model_version,
      note: row.note ?? undefined,
      createdAt: row.created_at,
      lines: JSON.parse(row.ledger) as RenderedLine[],
      top,
      taken: ranking.find((ranked) => ranked.id === row.product_id),
      products: products.filter((product) => top.some((ranked) => ranked.id === product.id)),
    };
  });
  return new Map(choices.map((one) => [one.id, one]));
}
