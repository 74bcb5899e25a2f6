import type { OwnIron, ShelfProduct } from '@/core/model';
import { listChoices } from '@/data/choices';
import type { FrostDatabase } from '@/data/database';
import { listProducts } from '@/data/products';
import { loadTeamSettings } from '@/data/team-settings';
import { offLoop } from '@/server/compute/pool';
import { task } from '@/server/compute/task';
import { startDraft, type IronDraft } from '../iron-draft';
import { askLab, type IronResult } from '../iron-lab';

/** What the Iron lab works with. */
export interface IronView {
  products: ShelfProduct[];
  /** The team's own. */
  irons: OwnIron[];
  /** The bench as it begins: with the wax of the outing's choice, if there is one. */
  start: IronDraft;
  /** What the lab says of it. */
  first: IronResult;
}

export const labTask = task('lab', 'quick', askLab);

/** Whether a product goes on with the iron; what holds fluorocarbons is never heated. */
const isIroned = (product: ShelfProduct): boolean =>
  product.applications.includes('iron') && !product.additives.includes('fluorocarbon');

/** The waxes of the shelf that may be ironed, the one chosen for an outing, and the team's irons. */
export async function loadIron(db: FrostDatabase, outingId: string): Promise<IronView> {
  const [products, [choice], team] = await Promise.all([
    listProducts(db),
    listChoices(db, outingId, 1),
    loadTeamSettings(db),
  ]);
  const things = { products: products.filter(isIroned), irons: team.irons };
  const start = startDraft(things.products, choice?.productId);
  return { ...things, start, first: await offLoop(labTask, start, things) };
}
