import type { OutingFactsToKeep } from '@/core/model';
import { mergeFields } from '@/core/merge';
import type { FrostDatabase } from '@/data/database';
import { changeOuting, findOuting } from '@/data/outings';
import { basedOn } from '@/formats/schemas/validation';
import type { OutingFacts } from '@/core/wax';

const instant = (value: unknown) =>
  typeof value === 'string' && Number.isFinite(Date.parse(value))
    ? new Date(value).toISOString()
    : value;

/**
 * Keeps the facts of an outing that were changed on the Pick screen. What was not changed there stays as it
 * is stored now: an old tab that saves a choice does not put old facts back.
 */
export async function keepFacts(
  db: FrostDatabase,
  outingId: string,
  { facts, startAt, base }: { facts: OutingFacts; startAt: string; base?: unknown },
): Promise<void> {
  const outing = (await findOuting(db, outingId))!;
  const { discipline, distanceKm, purpose, hoursOnSnow, fluorocarbonsAllowed } = outing;
  const stored = { discipline, distanceKm, purpose, hoursOnSnow, fluorocarbonsAllowed };
  const mine = {
    ...facts,
    startAt: instant(startAt),
    fluorocarbonsAllowed: facts.fluorocarbonsAllowed === true,
  };
  const before = basedOn(base, mine);
  const { values } = mergeFields({ ...before, startAt: instant(before.startAt) }, mine, {
    ...stored,
    startAt: outing.startAt,
  });
  await changeOuting(db, outingId, values as unknown as OutingFactsToKeep);
}
