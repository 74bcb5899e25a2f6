import type { Outcome, Outing } from '@/core/model';
import { listChoices } from '@/data/choices';
import type { FrostDatabase } from '@/data/database';
import { listOutcomes } from '@/data/outcomes';

/** A choice whose outing is over and of which nobody has said how it was. */
export interface AskedOutcome {
  choiceId: string;
  wax: string;
  outingName: string;
}

const HOUR_MS = 3_600_000;
/** Skis are back by then. */
const BACK_MS = 2 * HOUR_MS;
/** Nobody remembers it longer. */
const REMEMBERED_MS = 14 * 24 * HOUR_MS;

/** How choices turned out, by choice, and which to ask about: the last one of each outing that is over. */
export async function loadOutcomes(
  db: FrostDatabase,
  outings: readonly Outing[],
  nowMs: number,
): Promise<{ said: Record<string, Outcome>; asked: AskedOutcome[] }> {
  const said = Object.fromEntries((await listOutcomes(db)).map((one) => [one.choiceId, one]));
  const over = outings.filter(({ startAt, hoursOnSnow }) => {
    const agoMs = nowMs - Date.parse(startAt) - (hoursOnSnow ? hoursOnSnow * HOUR_MS : BACK_MS);
    return agoMs >= 0 && agoMs < REMEMBERED_MS;
  });
  const asked: AskedOutcome[] = [];
  for (const { id, name } of over.reverse()) {
    const [choice] = await listChoices(db, id, 1);
    if (!choice || said[choice.id]) continue;
    asked.push({ choiceId: choice.id, wax: choice.productName, outingName: name });
  }
  return { said, asked };
}
