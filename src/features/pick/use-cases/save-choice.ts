import type { Choice } from '@/core/model';
import { choose, formAdvice, type RobustChoice, type RobustRanked } from '@/core/choice';
import { addChoice } from '@/data/choices';
import type { FrostDatabase } from '@/data/database';
import { listProducts } from '@/data/products';
import { loadTeamSettings } from '@/data/team-settings';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import type { Write } from '@/server/write';
import { ownOf } from '@/server/learning';
import { choiceDetails, renderedLines, renderedRanking } from '@/words/rendered/choice';
import { DEFAULT_UNITS } from '@/words/units';
import { writerFor } from '@/words/write';
import { choiceGround } from './choice-ground';
import { saveChoiceSchema } from './choice-input';
import { keepFacts } from './keep-facts';
import { pickScreenWords } from '@/words/screens/pick';

const WORDS = pickScreenWords.saveChoice;

/** What is kept for years is kept in SI units. */
const WRITE = writerFor(DEFAULT_UNITS);

const LEAST_REASON = 3;
const HOUR_MS = 3_600_000;

interface Taken {
  taken: RobustRanked;
  /** Where a person overruled the best of the shelf. */
  override: { insteadOfId: string; insteadOf: string; reason: string } | undefined;
}

/** The product as it was taken: never an excluded one, and with a reason where another is better. */
function takenOf(result: RobustChoice, productId: string, reason: string): WireResult<Taken> {
  const taken = result.ranking.find((one) => one.id === productId)!;
  if (taken.excluded) {
    const message = `${taken.name}: ${renderedRanking([taken], WRITE)[0]!.reasons[0]!}`;
    return invalidInput([{ field: 'productId', message }]);
  }
  const best = result.ranking.find((one) => !one.excluded);
  if (best === undefined || best.id === productId) {
    return { ok: true, value: { taken, override: undefined } };
  }
  if (reason.length < LEAST_REASON) {
    const message = WORDS.overrideReasonMissing(taken.name, best.name);
    return invalidInput([{ field: 'overrideReason', message }]);
  }
  const override = { insteadOfId: best.id, insteadOf: best.name, reason };
  return { ok: true, value: { taken, override } };
}

/** Computes the choice from what is stored, saves it, and keeps the outing's facts as typed. */
export async function saveChoice(
  db: FrostDatabase,
  input: unknown,
  { nowMs, write }: { nowMs: number; write: Write },
): Promise<WireResult<Choice>> {
  const checked = validate(saveChoiceSchema, input);
  if (!checked.ok) return invalidInput(checked.problems);
  const { outingId, readingId, productId, facts, startAt, basis, baseState } = checked.value;
  const found = await choiceGround(db, checked.value);
  if (!found.ok) return found;
  const { outing, cases, outlookVersion } = found.value;
  const shelf = await listProducts(db);
  const products = shelf.filter((one) => one.role === 'glide');
  const product = products.find((one) => one.id === productId);
  if (!product) return failed('not_found', WORDS.productGone);
  const own = await ownOf(db, outing, checked.value.handCorrectionC);
  const asked = { cases, outing: facts, own, products, shelf, takenId: productId, baseState };
  const result = choose(asked);
  const chosen = takenOf(result, productId, checked.value.overrideReason?.trim() ?? '');
  if (!chosen.ok) return chosen;
  const { taken, override } = chosen.value;
  const team = await loadTeamSettings(db);
  const hoursLeft = (Date.parse(startAt) - nowMs) / HOUR_MS;
  const form = formAdvice({ ...team, hoursLeft }, facts, {
    hardness: result.hardness,
    product,
  });
  const made: Omit<Choice, 'id' | 'createdAt'> = {
    outingId,
    readingId,
    productId,
    productName: product.name,
    equivalentTemperatureC: result.equivalentTemperatureC,
    hardness: result.hardness,
    inputs: { snow: result.snow, basis, outing: facts, own, products, baseState },
    lines: renderedLines(result.lines, WRITE),
    ranking: renderedRanking(result.ranking, WRITE),
    details: choiceDetails(
      { choice: result, taken, form, methods: team.methods },
      { outlookVersion, override },
      WRITE,
    ),
    modelVersion: result.modelVersion,
    note: checked.value.note || undefined,
  };
  return write(async (transaction, { id, at }) => {
    const choice: Choice = { ...made, id, createdAt: at };
    await addChoice(transaction, choice);
    await keepFacts(transaction, outingId, checked.value);
    return { ok: true, value: choice };
  });
}
