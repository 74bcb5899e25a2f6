import { isSouthern, type Choice, type Outing } from '@/core/model';
import { afterwards, seasonOf, venueChart, type Season, type VenueChart } from '@/core/season';
import { choiceSnowSdC } from '@/core/learn';
import type { FrostDatabase } from '@/data/database';
import { listOutings } from '@/data/outings';
import { listProducts } from '@/data/products';
import { seasonBook, type SeasonBook } from '@/data/season-book';
import { listSkis } from '@/data/skis';
import { stateOf } from '@/data/state';
import { offLoop } from '@/server/compute/pool';
import { task } from '@/server/compute/task';
import { ownOf } from '@/server/learning';

/** A product in the season: what went on skis, and what that cost in the team's own money. */
export interface UsedProduct {
  id: string;
  name: string;
  grams: number;
  /** Absent where price or container are not known. */
  cost?: number;
}

/** A pair in the season. */
export interface UsedSki {
  id: string;
  name: string;
  jobs: number;
  coats: number;
  km: number;
}

/** A choice with how good it was, by what is known now. */
export interface JudgedChoice {
  id: string;
  outingName: string;
  startAt: string;
  timeZone: string;
  wax: string;
  best?: string;
  lostSeconds?: number;
}

export interface SeasonView {
  season: Season;
  days: number;
  outings: number;
  pairs: number;
  products: UsedProduct[];
  cost: number;
  skis: UsedSki[];
  choices: JudgedChoice[];
  chart: VenueChart;
}

export const chartTask = task('venue-chart', 'quick', venueChart);
export const afterwardsTask = task('afterwards', 'quick', afterwards);

function usedProducts(
  book: SeasonBook,
  products: Awaited<ReturnType<typeof listProducts>>,
): UsedProduct[] {
  return products
    .flatMap(({ id, name, price, containerG }): UsedProduct[] => {
      const grams = book.grams[id] ?? 0;
      if (grams <= 0) return [];
      const isPriced = price !== undefined && containerG !== undefined && containerG > 0;
      return [{ id, name, grams, ...(isPriced ? { cost: (price * grams) / containerG } : {}) }];
    })
    .sort((a, b) => b.grams - a.grams);
}

async function judged(
  db: FrostDatabase,
  choices: readonly Choice[],
  outingOf: ReadonlyMap<string, Outing>,
): Promise<JudgedChoice[]> {
  return Promise.all(
    choices.map(async (choice): Promise<JudgedChoice> => {
      const outing = outingOf.get(choice.outingId)!;
      const { inputs, details } = choice;
      const own = await ownOf(db, outing, inputs.own.handC);
      const snowSdC = choiceSnowSdC(inputs, details?.equivalentSdC);
      const found = await offLoop(
        afterwardsTask,
        {
          productId: choice.productId,
          products: inputs.products,
          snow: inputs.snow,
          snowSdC,
          outing: inputs.outing,
        },
        own,
      );
      return {
        id: choice.id,
        outingName: outing.name,
        startAt: outing.startAt,
        timeZone: outing.venue.timeZone,
        wax: choice.productName,
        ...(found && { best: found.best.name, lostSeconds: found.lostSeconds }),
      };
    }),
  );
}

const remembered = new WeakMap<
  FrostDatabase,
  { state: string; views: Map<string, Promise<SeasonView>> }
>();

/**
 * All of the season of an outing, of all venues; the chart is that of its venue. Worked out once for each state of the
 * database.
 */
export async function loadSeason(db: FrostDatabase, outing: Outing): Promise<SeasonView> {
  const state = await stateOf(db);
  const known = remembered.get(db);
  const views = known?.state === state ? known.views : new Map<string, Promise<SeasonView>>();
  if (known?.state !== state) remembered.set(db, { state, views });
  const view = views.get(outing.id) ?? readSeason(db, outing);
  views.set(outing.id, view);
  view.catch(() => views.delete(outing.id));
  return view;
}

async function readSeason(db: FrostDatabase, outing: Outing): Promise<SeasonView> {
  const season = seasonOf(outing.startAt, isSouthern(outing.venue));
  const [outings, products, skis, book, own] = await Promise.all([
    listOutings(db),
    listProducts(db),
    listSkis(db),
    seasonBook(db, season),
    ownOf(db, outing),
  ]);
  const outingOf = new Map(outings.map((one) => [one.id, one]));
  const choices = book.choices
    .filter(({ outingId }) => outingOf.has(outingId))
    .sort((a, b) =>
      outingOf.get(a.outingId)!.startAt.localeCompare(outingOf.get(b.outingId)!.startAt),
    );
  const held = outings.filter(({ id }) => book.heldOutings.has(id));
  const used = usedProducts(book, products);
  return {
    season,
    days: new Set(held.map(({ startAt }) => startAt.slice(0, 'YYYY-MM-DD'.length))).size,
    outings: held.length,
    pairs: Object.keys(book.jobs).length,
    products: used,
    cost: used.reduce((sum, { cost = 0 }) => sum + cost, 0),
    skis: skis.flatMap(({ id, name }): UsedSki[] => {
      const [jobs, coats, km] = [book.jobs[id] ?? 0, book.coats[id] ?? 0, book.km[id] ?? 0];
      return jobs + coats + km === 0 ? [] : [{ id, name, jobs, coats, km }];
    }),
    choices: await judged(db, choices, outingOf),
    chart: await offLoop(
      chartTask,
      products.filter(({ role }) => role === 'glide'),
      { outing, own },
    ),
  };
}
