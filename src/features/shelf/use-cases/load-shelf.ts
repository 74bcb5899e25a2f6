import type { Outing, ShelfProduct, StockMove } from '@/core/model';
import { carryWeather, type Outlook, type WeatherSample } from '@/core/snow/outlook';
import {
  bestPurchase,
  coverage,
  lastStretch,
  runsOut,
  shelfDays,
  type Coverage,
  type PlannedUse,
  type Purchase,
} from '@/core/shelf';
import { TYPES_FOR } from '@/core/ski';
import { isExcluded } from '@/core/wax';
import { listChoices } from '@/data/choices';
import { loadCourse } from '@/data/course';
import type { FrostDatabase } from '@/data/database';
import { listOutings } from '@/data/outings';
import { listProducts } from '@/data/products';
import { listSkis } from '@/data/skis';
import { listStockMoves, remainingGrams } from '@/data/stock';
import { listStations } from '@/data/weather';
import { offLoop } from '@/server/compute/pool';
import { task } from '@/server/compute/task';
import { keptOutlook } from '@/server/outlooks';

/** A product that will not last for the outings it is planned for. */
export interface LowStock {
  productId: string;
  name: string;
  outingName: string;
  missingG: number;
}

export interface ShelfView {
  products: ShelfProduct[];
  /** Grams left by product id; absent where nothing was ever weighed in. */
  remaining: Record<string, number>;
  moves: StockMove[];
  low: LowStock[];
  coverage: Coverage;
  purchase: Purchase | undefined;
  /** Hours of recorded weather the purchase was weighed over. */
  weatherHours: number;
}

const MOST_HOURS = 240;
const MEMBERS = 40;
/** Pairs an outing is planned for where the rack has none of its kind. */
const PAIRS = 6;

type ShelfPlace = Parameters<typeof shelfDays>[2];

/** The one purchase that would help most over the days of a weather record. */
function weighPurchase(
  glides: readonly ShelfProduct[],
  past: { outlook: Outlook; weather: readonly WeatherSample[] } & ShelfPlace,
): Pick<ShelfView, 'purchase' | 'weatherHours'> {
  const days = shelfDays(past.outlook, past.weather, past);
  return { purchase: bestPurchase(glides, days), weatherHours: days.length };
}

export const purchaseTask = task('purchase', 'quick', weighPurchase);

async function purchaseFor(db: FrostDatabase, outing: Outing, glides: readonly ShelfProduct[]) {
  const stations = await listStations(db, outing.venue.id);
  const course = await loadCourse(db, outing);
  const place = course.places[0]!;
  const weather = lastStretch(carryWeather(stations, place.altitudeM, place.exposure), MOST_HOURS);
  const { latitude, longitude } = outing.venue;
  if (weather.length < 2 || latitude === undefined || longitude === undefined)
    return { purchase: undefined, weatherHours: 0 };
  const made = await keptOutlook(db, {
    site: {
      latitude,
      longitude,
      altitudeM: place.altitudeM,
      slopeDeg: place.slopeDeg,
      aspectDeg: place.aspectDeg,
      shadeFraction: place.shadeFraction,
    },
    surface: { kind: place.surface },
    weather,
    members: MEMBERS,
    seed: 1,
  });
  const origin = place.surface === 'machine_made' ? 'machine_made' : 'natural';
  return offLoop(purchaseTask, glides, {
    outlook: made,
    weather,
    origin,
    timeZone: outing.venue.timeZone,
  });
}

/** What is planned for each product: the layers of the saved choices of outings still to come. */
async function plannedUses(db: FrostDatabase, nowMs: number): Promise<Map<string, PlannedUse[]>> {
  const uses = new Map<string, PlannedUse[]>();
  const skis = await listSkis(db);
  const coming = (await listOutings(db)).filter((one) => Date.parse(one.startAt) > nowMs);
  for (const outing of coming) {
    const [choice] = await listChoices(db, outing.id, 1);
    if (!choice) continue;
    const layers = choice.details?.layerPlan.layers ?? [];
    const pairs = skis.filter((one) => TYPES_FOR[outing.discipline].includes(one.type)).length;
    const wanted = layers.map((one) => ({
      id: one.id,
      coats: one.coats,
    }));
    for (const { id, coats } of wanted.length > 0 ? wanted : [{ id: choice.productId, coats: 1 }]) {
      const { name: outingName, discipline } = outing;
      uses.set(id, [
        ...(uses.get(id) ?? []),
        { outingName, discipline, pairs: pairs || PAIRS, coats },
      ]);
    }
  }
  return uses;
}

/** All that the Shelf shows, for the venue of an outing. */
export async function loadShelf(
  db: FrostDatabase,
  outing: Outing,
  nowMs: number,
): Promise<ShelfView> {
  const [products, remaining, moves, uses] = await Promise.all([
    listProducts(db),
    remainingGrams(db),
    listStockMoves(db, undefined, 30),
    plannedUses(db, nowMs),
  ]);
  const glides = products.filter((one) => one.role === 'glide' && !isExcluded(one, outing));
  const low = products.flatMap((product): LowStock[] => {
    const left = remaining[product.id];
    if (left === undefined) return [];
    const out = runsOut(product.form, left, uses.get(product.id) ?? []);
    return out ? [{ productId: product.id, name: product.name, ...out }] : [];
  });
  return {
    products,
    remaining,
    moves,
    low,
    coverage: coverage(glides),
    ...(await purchaseFor(db, outing, glides)),
  };
}
