import { object } from 'yup';
import { pick, startConditions, type SnowConditions } from '@/core/wax';
import { BASES, type ChoiceBasis } from '@/core/terms';
import { addChoice, type Choice } from '@/data/choices';
import { loadCourse } from '@/data/course';
import type { FrostDatabase } from '@/data/database';
import { findOuting, saveOuting, type Outing } from '@/data/outings';
import { listProducts } from '@/data/products';
import { listReadings, type Reading } from '@/data/readings';
import { outingFactsSchema, ownCorrectionC } from '@/formats/schemas/outing';
import { moment, oneOfWords, plainText } from '@/formats/schemas/fields';
import { validate } from '@/formats/schemas/validation';
import { keptStart } from '@/workers/server-outlook';
import { failed, invalidInput, type WireResult } from '@/formats/wire';

/** What the Pick screen sends: ids and what was typed there. All figures are computed anew. */
export const saveChoiceSchema = object({
  outingId: plainText('Outing', 64).required(),
  readingId: plainText('Reading', 64),
  productId: plainText('Product', 64).required('Take a product.'),
  facts: outingFactsSchema.required(),
  startAt: moment('Start').required('Start is missing.'),
  basis: oneOfWords('Basis', BASES).required('Choose what the snow is taken from.'),
  handCorrectionC: ownCorrectionC('Correction by hand').required('Correction is missing.'),
  note: plainText('Note', 500),
});

async function snowOf(
  db: FrostDatabase,
  outing: Outing,
  reading: Reading | undefined,
  basis: ChoiceBasis,
): Promise<SnowConditions | undefined> {
  if (basis === 'measured') return reading;
  const start = await keptStart(await loadCourse(db, outing), outing.venue, outing.startAt);
  return start && startConditions(start, reading);
}

/** Computes the choice from what is stored, saves it, and keeps the outing's facts as typed. */
export async function saveChoice(
  db: FrostDatabase,
  input: unknown,
  stamp: { id: string; at: string },
): Promise<WireResult<Choice>> {
  const checked = validate(saveChoiceSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  const { outingId, readingId, productId, facts, startAt, handCorrectionC, note, basis } =
    checked.value;
  const outing = await findOuting(db, outingId);
  if (!outing) return failed('not_found', 'This outing is gone: choose another.');
  const reading = (await listReadings(db, outingId)).find((one) => one.id === readingId);
  if (!reading && (readingId !== undefined || basis === 'measured')) {
    return failed('not_found', 'That reading was corrected meanwhile: reload to see the new one.');
  }
  const snow = await snowOf(db, { ...outing, startAt }, reading, basis);
  if (!snow)
    return failed('not_found', 'There is no weather for the start: take the reading instead.');
  const products = await listProducts(db);
  const product = products.find((one) => one.id === productId);
  if (!product) return failed('not_found', 'That product is no longer on the shelf: take another.');
  const own = { venueC: outing.venue.ownCorrectionC, handC: handCorrectionC };
  const result = pick(snow, facts, products, own);
  const choice: Choice = {
    id: stamp.id,
    outingId,
    readingId,
    productId,
    productName: product.name,
    equivalentTemperatureC: result.equivalentTemperatureC,
    hardness: result.hardness,
    inputs: { snow, basis, outing: facts, own, products },
    lines: result.lines,
    ranking: result.ranking,
    modelVersion: result.modelVersion,
    note: note || undefined,
    createdAt: stamp.at,
  };
  await db.transaction().execute(async (transaction) => {
    await addChoice(transaction, choice);
    await saveOuting(
      transaction,
      {
        ...facts,
        id: outingId,
        name: outing.name,
        venueId: outing.venue.id,
        startAt,
        fluorocarbonsAllowed: facts.fluorocarbonsAllowed === true,
      },
      stamp.at,
    );
  });
  return { ok: true, value: choice };
}
