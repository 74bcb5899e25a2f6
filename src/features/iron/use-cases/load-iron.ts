import type { OwnIron, ShelfProduct } from '@/core/model';
import { listChoices } from '@/data/choices';
import type { FrostDatabase } from '@/data/database';
import { listProducts } from '@/data/products';
import { loadTeamSettings } from '@/data/team-settings';

/** What the Iron lab works with. */
export interface IronView {
  products: ShelfProduct[];
  /** The wax of the outing's choice, if there is one. */
  chosenId: string | undefined;
  irons: OwnIron[];
}

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
  return { products: products.filter(isIroned), chosenId: choice?.productId, irons: team.irons };
}
