import type { Outing } from '@/core/model';
import type { FrostDatabase } from '@/data/database';
import { listSkis } from '@/data/skis';
import { skiQr } from '@/server/qr';

/** Labels a page: what prints on three sheets of paper. */
const A_PAGE = 60;

/** A page of the labels of all skis on the rack; an odd number of a page is the first. */
export async function loadLabels(
  db: FrostDatabase,
  { outing, origin, page: asked }: { outing: Outing; origin: string; page: number },
) {
  const page = Math.max(1, Math.floor(asked) || 1);
  const skis = await listSkis(db);
  const shown = skis.slice((page - 1) * A_PAGE, page * A_PAGE);
  const path = `/outing/${outing.id}`;
  return {
    labels: await Promise.all(shown.map(async (ski) => ({ ski, qr: await skiQr(origin, ski.id) }))),
    back: `${path}/skis`,
    origin,
    all: skis.length,
    next: page * A_PAGE < skis.length ? `${path}/labels?page=${page + 1}` : undefined,
  };
}
