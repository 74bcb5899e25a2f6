import { mixed, object } from 'yup';
import {
  casesFromReading,
  choiceDetails,
  choose,
  formAdvice,
  methodsInForce,
  type Bench,
} from '@/core/choice';
import { BASES, BASE_STATES } from '@/core/terms';
import { addChoice, type Choice } from '@/data/choices';
import { loadCourse } from '@/data/course';
import type { FrostDatabase } from '@/data/database';
import { findOuting } from '@/data/outings';
import { listProducts } from '@/data/products';
import { findReading } from '@/data/readings';
import { loadTeamSettings } from '@/data/team-settings';
import { outingFactsSchema, ownCorrectionC } from '@/formats/schemas/outing';
import { moment, oneOfWords, plainText } from '@/formats/schemas/fields';
import { validate } from '@/formats/schemas/validation';
import { modelledCases, type ChoiceGround } from '@/server/cases';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import type { Write } from '@/server/deed';
import { keepFacts } from './keep-facts';

const LEAST_REASON = 3;

/** What the Pick screen sends: ids and what was typed there. All figures are computed anew. */
export const saveChoiceSchema = object({
  outingId: plainText('Outing', 64).required(),
  readingId: plainText('Reading', 64),
  productId: plainText('Product', 64).required('Take a product.'),
  facts: outingFactsSchema.required(),
  startAt: moment('Start').required('Start is missing.'),
  /** The facts and the start as the screen was filled with them. */
  base: mixed(),
  basis: oneOfWords('Basis', BASES).required('Choose what the snow is taken from.'),
  handCorrectionC: ownCorrectionC('Correction by hand').required('Correction is missing.'),
  baseState: oneOfWords('State of the base', BASE_STATES),
  overrideReason: plainText('Reason', 300),
  note: plainText('Note', 500),
});

const HOUR_MS = 3_600_000;

/** Computes the choice from what is stored, saves it, and keeps the outing's facts as typed. */
export async function saveChoice(
  db: FrostDatabase,
  input: unknown,
  { nowMs, write }: { nowMs: number; write: Write },
): Promise<WireResult<Choice>> {
  const checked = validate(saveChoiceSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  const {
    outingId,
    readingId,
    productId,
    facts,
    startAt,
    handCorrectionC,
    note,
    basis,
    baseState,
  } = checked.value;
  const outing = await findOuting(db, outingId);
  if (!outing) return failed('not_found', 'This outing is gone: choose another.');
  const found = readingId === undefined ? undefined : await findReading(db, readingId);
  const reading = found?.outingId === outingId ? found : undefined;
  if (!reading && (readingId !== undefined || basis === 'measured')) {
    return failed('not_found', 'That reading was corrected meanwhile: reload to see the new one.');
  }
  const planned = {
    ...outing,
    ...facts,
    startAt,
    hoursOnSnow: facts.hoursOnSnow,
    fluorocarbonsAllowed: facts.fluorocarbonsAllowed === true,
  };
  const ground: ChoiceGround | undefined =
    basis === 'measured'
      ? { cases: casesFromReading(reading!, Date.parse(startAt)) }
      : await modelledCases(await loadCourse(db, planned), planned, reading);
  if (!ground) {
    return failed('not_found', 'There is no weather for the start: take the reading instead.');
  }
  const shelf = await listProducts(db);
  const products = shelf.filter((one) => one.role === 'glide');
  const product = products.find((one) => one.id === productId);
  if (!product) return failed('not_found', 'That product is no longer on the shelf: take another.');
  const own = { venueC: outing.venue.ownCorrectionC, handC: handCorrectionC };
  const result = choose({
    cases: ground.cases,
    outing: facts,
    own,
    products,
    shelf,
    takenId: productId,
    baseState,
  });
  const best = result.ranking.find((one) => !one.excluded);
  const taken = result.ranking.find((one) => one.id === productId)!;
  if (taken.excluded) {
    return invalidInput([{ field: 'productId', message: `${taken.name}: ${taken.reasons[0]!}` }]);
  }
  const reason = checked.value.overrideReason?.trim() ?? '';
  const isOverride = best !== undefined && best.id !== productId;
  if (isOverride && reason.length < LEAST_REASON) {
    const message = `Say why you take ${taken.name} instead of ${best.name}.`;
    return invalidInput([{ field: 'overrideReason', message }]);
  }
  const team = await loadTeamSettings(db);
  const bench: Bench = {
    ...team,
    hoursLeft: (Date.parse(startAt) - nowMs) / HOUR_MS,
  };
  const form = formAdvice(bench, facts, result.hardness);
  const details = choiceDetails(result, taken, form, methodsInForce(team.methods), {
    outlookVersion: ground.outlookVersion,
    override: isOverride ? { insteadOfId: best.id, insteadOf: best.name, reason } : undefined,
  });
  const choice: Omit<Choice, 'id' | 'createdAt'> = {
    outingId,
    readingId,
    productId,
    productName: product.name,
    equivalentTemperatureC: result.equivalentTemperatureC,
    hardness: result.hardness,
    inputs: { snow: result.snow, basis, outing: facts, own, products, baseState },
    lines: result.lines,
    ranking: result.ranking,
    details,
    modelVersion: result.modelVersion,
    note: note || undefined,
  };
  return write(async (transaction, { id, at }) => {
    const made: Choice = { ...choice, id, createdAt: at };
    await addChoice(transaction, made);
    await keepFacts(transaction, outingId, checked.value);
    return { ok: true, value: made };
  });
}
