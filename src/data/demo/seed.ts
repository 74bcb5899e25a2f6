import type { OutingToSave, Reading } from '../../core/model';
import { casesFromReading, choose, formAdvice } from '../../core/choice';
import type { OutingFacts } from '../../core/wax';
import { choiceDetails, renderedLines, renderedRanking } from '../../words/rendered/choice';
import { DEFAULT_UNITS } from '../../words/units';
import { writerFor } from '../../words/write';
import { saveSkier, saveStarter } from '../starters';
import { saveTeamSettings, TEAM_DEFAULTS } from '../team-settings';
import { addChoice } from '../choices';
import type { FrostDatabase } from '../database';
import { addGlideRun, addGlideTest } from '../glide-tests';
import { addNote } from '../notes';
import { addAnswer, addLearner } from '../practice';
import { saveOuting } from '../outings';
import { saveProducts } from '../products';
import { addStockMove } from '../stock';
import { addReadings } from '../readings';
import { saveSegments } from '../segments';
import { addFinding, addSkiEvent } from '../ski-events';
import { saveSkis } from '../skis';
import { saveVenue } from '../venues';
import { saveStation, saveWeather } from '../weather';
import { DEMO_COURSES, DEMO_STATIONS, demoWeather } from './course';
import { demoGlideTest } from './glide';
import { demoReadings } from './readings';
import { DEMO_SKIERS, demoCabin, demoStarters } from './crew';
import { demoAnswers, demoLearners } from './practice';
import { DEMO_SHELF, demoGrams } from './shelf';
import { DEMO_SKIS, demoFindings, demoSkiEvents } from './skis';
import { DEMO_VENUES, lanternDay, lanternOutings } from './weekend';

/** What was written beside the first choice. */
export const DEMO_NOTE = 'Injected and glazed on top, softer under the trees. Watch the start hut.';

/** What was written into the log. */
export const DEMO_LOG_NOTE =
  'Loop groomed late. Firm along the forest, soft by the bridge until the sun is gone.';

/** Fills an empty database with the Lantern Weekend, all of it or nothing; one that has a venue is left as it is. */
export async function seedDemo(db: FrostDatabase, now: Date): Promise<void> {
  const any = await db.selectFrom('venue').select('id').executeTakeFirst();
  if (any) return;
  const at = now.toISOString();
  const relayDay = lanternDay(now);
  const outings = lanternOutings(relayDay);
  const readings = demoReadings(outings, relayDay, now);
  await db.transaction().execute(async (transaction) => {
    for (const venue of DEMO_VENUES) await saveVenue(transaction, venue);
    for (const learner of demoLearners(at)) await addLearner(transaction, learner);
    for (const answer of demoAnswers(now)) await addAnswer(transaction, answer);
    for (const outing of outings) await saveOuting(transaction, outing, at);
    await saveSkis(transaction, DEMO_SKIS);
    for (const event of demoSkiEvents(now.getTime())) await addSkiEvent(transaction, event);
    for (const finding of demoFindings(now.getTime())) await addFinding(transaction, finding);
    await saveProducts(transaction, DEMO_SHELF);
    for (const [place, product] of DEMO_SHELF.entries()) {
      await addStockMove(transaction, {
        id: `demo-stock-${place}`,
        productId: product.id,
        kind: 'bought',
        grams: demoGrams(product, place),
        at,
      });
    }
    for (const station of DEMO_STATIONS) {
      await saveStation(
        transaction,
        station,
        DEMO_VENUES.map((venue) => venue.id),
      );
      const weather = demoWeather(relayDay.getTime(), station.altitudeM);
      await saveWeather(transaction, {
        stationId: station.id,
        samples: weather,
        source: 'demo',
        at,
      });
    }
    for (const [venueId, segments] of Object.entries(DEMO_COURSES)) {
      await saveSegments(transaction, venueId, segments);
    }
    await addReadings(transaction, readings);
    for (const skier of DEMO_SKIERS) await saveSkier(transaction, skier);
    for (const starter of demoStarters(outings)) await saveStarter(transaction, starter);
    await saveTeamSettings(transaction, { cabin: demoCabin(outings) });
    const glide = demoGlideTest('demo-relay', now);
    await addGlideTest(transaction, glide.test);
    for (const run of glide.runs) await addGlideRun(transaction, run);
    await addNote(transaction, {
      id: 'demo-note',
      outingId: 'demo-relay',
      words: DEMO_LOG_NOTE,
      createdAt: at,
    });
    await seedChoice(transaction, { outings, readings, at });
  });
}

/** The choice that the weekend begins with, computed as the Pick screen would. */
async function seedChoice(
  db: FrostDatabase,
  {
    outings,
    readings,
    at,
  }: { outings: readonly OutingToSave[]; readings: readonly Reading[]; at: string },
): Promise<void> {
  const slalom = outings.find((one) => one.id === 'demo-slalom')!;
  const reading = readings.find((one) => one.outingId === slalom.id)!;
  const outing: OutingFacts = slalom;
  const own = { venueC: 0, handC: 0 };
  const glides = DEMO_SHELF.filter((one) => one.role === 'glide');
  const cases = casesFromReading(reading, Date.parse(slalom.startAt));
  const result = choose({ cases, outing, own, products: glides, shelf: DEMO_SHELF });
  const best = result.ranking[0]!;
  const write = writerFor(DEFAULT_UNITS);
  const form = formAdvice({ ...TEAM_DEFAULTS, hoursLeft: 5 }, outing, {
    hardness: result.hardness,
    product: glides.find((one) => one.id === best.id),
  });
  await addChoice(db, {
    id: 'demo-choice-1',
    outingId: slalom.id,
    readingId: reading.id,
    productId: best.id,
    productName: best.name,
    equivalentTemperatureC: result.equivalentTemperatureC,
    hardness: result.hardness,
    inputs: { snow: reading, outing, own, products: glides },
    lines: renderedLines(result.lines, write),
    ranking: renderedRanking(result.ranking, write),
    details: choiceDetails({ choice: result, taken: best, form, methods: {} }, {}, write),
    modelVersion: result.modelVersion,
    note: DEMO_NOTE,
    createdAt: at,
  });
}
