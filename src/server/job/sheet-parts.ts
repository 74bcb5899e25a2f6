import type { Choice, Outing, ShelfProduct } from '@/core/model';
import {
  isFilm,
  type BenchProduct,
  type GripPlan,
  type PlannedLayer,
  type SheetNote,
} from '@/core/bench';
import { DomainError } from '@/core/errors';
import { chooseGrip, findFit, gripGround, type FitInput } from '@/core/grip';
import { ironTemperature, meltingPoint } from '@/core/shelf';
import { GRIP_KIND, type LookOver, type Ski } from '@/core/ski';
import { loadCourse } from '@/data/course';
import type { FrostDatabase } from '@/data/database';
import { lastFitOf } from '@/data/grip-notes';
import { listReadings } from '@/data/readings';
import { modelledCases } from '@/server/cases';

/** A product of the shelf, as the bench needs it. */
export const asBench = (product: ShelfProduct): BenchProduct => ({
  id: product.id,
  name: product.name,
  role: product.role,
  form: product.form,
  additives: product.additives,
  applications: product.applications,
  ironC: product.applications.includes('iron') ? ironTemperature(product).value : undefined,
  ironLimitC: product.ironLimitC,
  meltingC: meltingPoint(product).value,
  dryMin: product.dryMin,
});

/** The first product of a role and, where that matters, of a form, as the bench needs it. */
export const withRole = (
  shelf: readonly ShelfProduct[],
  role: ShelfProduct['role'],
  fits: (product: ShelfProduct) => boolean = () => true,
) => {
  const found = shelf.find((one) => one.role === role && fits(one));
  return found && asBench(found);
};

/** The base wax for the iron, and the one that goes on as a film. */
export const softWaxOf = (shelf: readonly ShelfProduct[]) =>
  withRole(shelf, 'base', (one) => !isFilm(one));
export const baseLiquidOf = (shelf: readonly ShelfProduct[]) => withRole(shelf, 'base', isFilm);

/** Layers of the saved choice with their products as they stand on the shelf now. */
export function layersOf(
  choice: Choice | undefined,
  shelf: readonly ShelfProduct[],
): PlannedLayer[] {
  if (!choice) return [];
  const layers = choice.details?.layerPlan.layers ?? [
    { place: 'glide' as const, id: choice.productId, coats: 1 },
  ];
  return layers.flatMap(({ place, id, coats }) => {
    const product = shelf.find((one) => one.id === id);
    return product ? [{ place, product: asBench(product), coats }] : [];
  });
}

/** A grind is as asked within this, mm (house); coarser it cannot be made finer on the bench. */
const CLOSE_MM = 0.2;

/** A note on a grind that does not go with the day. */
export const grindNote = ({ grindMm }: Ski, widthMm: number): SheetNote | undefined =>
  grindMm !== undefined && grindMm > widthMm + CLOSE_MM
    ? { code: 'grind_too_coarse', gravity: 'caution', grindMm, widthMm }
    : undefined;

/** What this ski's own base asks for besides the choice: a soft wax where it is dry or burnt, hardener where burnt. */
export function forThisBase(
  layers: PlannedLayer[],
  { baseState }: LookOver,
  shelf: readonly ShelfProduct[],
): PlannedLayer[] {
  const has = (place: PlannedLayer['place']) => layers.some((one) => one.place === place);
  const add = (place: PlannedLayer['place'], product: BenchProduct | undefined): PlannedLayer[] =>
    product && !has(place) ? [{ place, product, coats: 1 }] : [];
  return [
    ...(baseState === 'burnt' || baseState === 'dry' ? add('conditioning', softWaxOf(shelf)) : []),
    ...(baseState === 'burnt' ? add('edges', withRole(shelf, 'hardener')) : []),
    ...layers,
  ];
}

/** The snow that grip is chosen for on an outing. */
export async function gripSnow(db: FrostDatabase, outing: Outing) {
  const [[reading], course] = await Promise.all([
    listReadings(db, outing.id, 1),
    loadCourse(db, outing),
  ]);
  const modelled = await modelledCases(db, { course, outing, reading });
  return gripGround(modelled?.cases, reading);
}

/** Grip for a ski that is waxed for it: zone from what was measured, wax from the snow there is. */
export async function gripFor(
  db: FrostDatabase,
  {
    ski,
    outing,
    shelf,
    snowOfOuting = () => gripSnow(db, outing),
  }: {
    ski: Ski;
    outing: Outing;
    shelf: readonly ShelfProduct[];
    /** The same for every ski of the outing: many skis ask once. */
    snowOfOuting?: () => ReturnType<typeof gripSnow>;
  },
): Promise<GripPlan | undefined> {
  if (GRIP_KIND[ski.type] !== 'wax') return undefined;
  const [{ snow, laterC }, fit] = await Promise.all([
    snowOfOuting(),
    lastFitOf<FitInput>(db, ski.id),
  ]);
  if (!snow) return undefined;
  try {
    const { zone, klisterZone } = findFit(fit?.content ?? { skiLengthCm: ski.lengthCm });
    const choice = chooseGrip(snow, { outing, products: shelf, laterC });
    const byId = (id: string | undefined) => {
      const found = shelf.find((one) => one.id === id);
      return found && asBench(found);
    };
    const product = byId(choice.ranking[0]?.id);
    if (!product) return undefined;
    // Klister is thick: it lies where more than its layer stays clear.
    const { startCm, endCm } = choice.kind === 'stick' ? zone : (klisterZone ?? zone);
    return {
      kind: choice.kind,
      product,
      binder: choice.needsBinder ? byId(choice.binder?.id) : undefined,
      cover: byId(choice.cover?.id),
      layers: choice.layers,
      startCm,
      endCm,
    };
  } catch (error) {
    if (error instanceof DomainError) return undefined;
    throw error;
  }
}
